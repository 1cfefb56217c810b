package graykite.studio;

import graykite.format.ChartFiles;
import graykite.studio.desk.MouthDesk;
import graykite.studio.model.Knot;
import graykite.studio.model.Workspace;
import java.util.function.Supplier;
import javafx.beans.property.ObjectProperty;

/** What the Mouth desk asks of the window: files of charts, and other desks. */
final class MouthFiles implements MouthDesk.Asks {
    private final FileDialogs files;
    private final Workspace workspace;
    private final ObjectProperty<Knot> knot;
    private final Supplier<MouthDesk> desk;

    MouthFiles(FileDialogs files, Workspace workspace, ObjectProperty<Knot> knot, Supplier<MouthDesk> desk) {
        this.files = files;
        this.workspace = workspace;
        this.knot = knot;
        this.desk = desk;
    }

    @Override
    public void go(Knot station) {
        knot.set(station);
    }

    @Override
    public void addRecording() {
        files.chooseRecording(false);
    }

    @Override
    public void loadChart() {
        files.chooseChart("Load a mouth chart").ifPresent(workspace.charts()::load);
    }

    @Override
    public void saveChart(boolean withPoses) {
        files.chooseChartToSave(workspace.speaker().name())
                .ifPresent(f -> workspace.charts().save(f, withPoses));
    }

    @Override
    public void compareChart() {
        files.chooseChart("Compare with a mouth chart")
                .ifPresent(file -> workspace
                        .jobs()
                        .start(
                                "Opening " + file.getFileName(),
                                progress -> ChartFiles.open(file),
                                saved -> desk.get().compare(file.getFileName().toString(), saved.chart())));
    }
}
