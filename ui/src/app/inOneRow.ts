/** From this width on, the rail is one row; below it the areas stand in a row of their own. */
export const inOneRow = "@media (min-width: 1080px)";
