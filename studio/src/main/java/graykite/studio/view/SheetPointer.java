package graykite.studio.view;

/**
 * Where the pointer is over a row of the sheet.
 *
 * @param x pixels of the sheet
 * @param y pixels from the top of the row
 * @param time seconds under it
 * @param pulled the same, pulled to a frame that is near
 */
record SheetPointer(double x, double y, double time, double pulled, int clicks, boolean shift) {}
