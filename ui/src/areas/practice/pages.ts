export { FollowAlong } from "./FollowAlong";
export { PracticePage } from "./PracticePage";
export { PracticeShelf } from "./PracticeShelf";
export { QuizPage } from "./QuizPage";
