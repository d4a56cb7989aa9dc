export { CalledPage } from "./CalledPage";
export { FollowAlong } from "./FollowAlong";
export { GroupPracticePage } from "./GroupPracticePage";
export { OpenerPage } from "./OpenerPage";
export { PracticePage } from "./PracticePage";
export { PracticeShelf } from "./PracticeShelf";
export { PracticeTrayPage } from "./PracticeTrayPage";
export { QuizPage } from "./QuizPage";
