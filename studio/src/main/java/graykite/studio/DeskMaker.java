package graykite.studio;

import graykite.studio.desk.ActingDesk;
import graykite.studio.desk.CastDesk;
import graykite.studio.desk.DeliveryDesk;
import graykite.studio.desk.Desk;
import graykite.studio.desk.MouthDesk;
import graykite.studio.desk.ProofDesk;
import graykite.studio.desk.ReadingDesk;
import graykite.studio.desk.VoiceDesk;
import graykite.studio.model.FilePicker;
import graykite.studio.model.Knot;
import graykite.studio.model.Workspace;
import graykite.studio.play.Microphone;
import java.util.function.Function;
import javafx.scene.layout.StackPane;

/** Makes the desk of each knot: the one list of them. */
final class DeskMaker implements Function<Knot, Desk> {
    private final StudioWindow window;
    private final FileDialogs files;
    private final BringIn bringIn;
    private final FilePicker picker;
    private final StackPane root;

    DeskMaker(StudioWindow window, FileDialogs files, BringIn bringIn, FilePicker picker, StackPane root) {
        this.window = window;
        this.files = files;
        this.bringIn = bringIn;
        this.picker = picker;
        this.root = root;
    }

    @Override
    public Desk apply(Knot station) {
        Workspace workspace = window.workspace();
        return switch (station) {
            case CAST -> new CastDesk(workspace, window.trial(), root, bringIn);
            case VOICE ->
                new VoiceDesk(
                        workspace,
                        window.player(),
                        files::chooseRecording,
                        Microphone.present(workspace.intake()::wordsToRecord));
            case READING -> new ReadingDesk(workspace, window.player(), new ReadingFiles(files, workspace));
            case MOUTH ->
                new MouthDesk(
                        workspace,
                        window.player(),
                        window.trial(),
                        new MouthFiles(files, workspace, window.knot(), window::mouthDesk));
            case ACTING ->
                new ActingDesk(workspace, window.player(), window::keyPose, window.live(), picker, window.trial());
            case PROOF -> new ProofDesk(workspace, window.player(), window.face(), picker);
            case DELIVERY -> new DeliveryDesk(workspace, window.face().camera()::get, picker);
        };
    }
}
