export const kappaWords =
  "1 where both always give the same level, 0 where they agree no more than chance would, and a step of two counts four times a step of one";
