import { usePracticeShelf } from "../../api/usePractice";

export const underSupervision =
  "You cut only while somebody who may supervise you is there: at school your instructor, elsewhere as they say.";

/** Does whoever practises work with a knife only under supervision? */
export const useSupervised = (): boolean => usePracticeShelf().data?.supervised ?? false;
