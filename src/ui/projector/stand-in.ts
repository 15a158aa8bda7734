/**
 * The projector and the table that ship with the program, for trying without either: what a pixel covers, across and
 * down, differs and is known only by measuring, as with a real projector that hangs a little askew.
 */
export const standIn = {
  /** Pixels of the picture to an inch of the table. */
  across: 27.4,
  down: 26.1,
  /** The table that is drawn on the screen, in inches, and how large. */
  tableAcross: 64,
  tableDown: 40,
} as const;
