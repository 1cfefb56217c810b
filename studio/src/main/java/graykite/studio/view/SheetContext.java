package graykite.studio.view;

import graykite.studio.model.Palette;
import graykite.studio.model.Workspace;
import graykite.studio.play.Player;
import java.util.function.Supplier;

/**
 * What every row of the sheet works with.
 *
 * @param palette the colours of today
 * @param redraw asks for the rows to be drawn again; many asks before the next pulse are one
 */
record SheetContext(Workspace workspace, Player player, SheetScale scale, Supplier<Palette> palette, Runnable redraw) {}
