package graykite.studio;

import graykite.acting.Cue;
import graykite.acting.Instincts.Kind;
import graykite.base.AtomicFiles;
import graykite.base.Progress;
import graykite.delivery.OrderFiles;
import graykite.edit.ActingEdit;
import graykite.edit.CastEdit;
import graykite.edit.LineEdit;
import graykite.format.DictionFiles;
import graykite.format.EditJson;
import graykite.format.Shelf;
import graykite.format.character.PlanFiles;
import graykite.media.SoundReader;
import graykite.media.WavFiles;
import graykite.mouth.TouchUp;
import graykite.people.plan.Garment;
import graykite.people.plan.HairStyle;
import graykite.people.plan.Paint;
import graykite.people.plan.PersonPlan;
import graykite.people.plan.Slider;
import graykite.picture.Camera;
import graykite.picture.Picture;
import graykite.picture.Png;
import graykite.project.Line;
import graykite.project.Member;
import graykite.project.Project;
import graykite.project.Reference;
import graykite.project.SoundFile;
import graykite.scene.Performance;
import graykite.sound.Sound;
import graykite.studio.model.ClipEdits;
import graykite.studio.model.Deliveries;
import graykite.studio.model.Knot;
import graykite.studio.model.MarkEdits;
import graykite.studio.model.MouthEdits;
import graykite.studio.model.OwnCurves;
import graykite.studio.model.Queued;
import graykite.studio.model.Selection;
import graykite.studio.model.Workspace;
import graykite.studio.view.BringInOverlay;
import graykite.studio.view.CommandOverlay;
import graykite.studio.view.HelpOverlay;
import graykite.studio.view.HistoryOverlay;
import graykite.studio.view.LandmarkOverlay;
import graykite.time.TimeRange;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import javafx.animation.PauseTransition;
import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.stage.Stage;
import javafx.util.Duration;

/** Takes the pictures in docs/screenshots from the demo: each step prepares the window, waits, and keeps what it shows. */
final class DocumentationShots {
    private static final double SETTLE_SECONDS = 1.2;

    /** Views that are looked at, but are not in the documentation: taken only when they are asked for. */
    private static final List<String> EXTRA = List.of(
            "keys",
            "command-box",
            "by-hand",
            "long-recording",
            "two-views",
            "picture-face",
            "layers",
            "assign-shapes",
            "looks",
            "cues",
            "live",
            "sound-picker",
            "bring-in",
            "history",
            "reference-beside",
            "face-alone",
            "touch-ups",
            "landmarks",
            "rig-check",
            "instincts",
            "own-face-colours");

    private final Stage stage;
    private final StudioWindow window;
    private final Path folder;
    private final List<String> wanted;
    private final int width;
    private final int height;
    private final Deque<Step> steps = new ArrayDeque<>();

    /** A picture: its name (none: a step without a picture), what is done before it, and what must have become true. */
    private record Step(String name, Runnable prepare, BooleanSupplier ready) {}

    /** @param wanted names of pictures; all when there are none */
    DocumentationShots(Stage stage, StudioWindow window, Path folder, List<String> wanted) {
        Optional<String> size =
                wanted.stream().filter(w -> w.matches("\\d+x\\d+")).findFirst();
        width = size.map(s -> Integer.parseInt(s.split("x")[0])).orElse(1280);
        height = size.map(s -> Integer.parseInt(s.split("x")[1])).orElse(800);
        this.wanted =
                wanted.stream().filter(w -> size.filter(w::equals).isEmpty()).toList();
        this.stage = stage;
        this.window = window;
        this.folder = folder;
    }

    /** Takes all pictures, then ends the program. */
    void take() {
        stage.setWidth(width);
        stage.setHeight(height);
        Workspace workspace = window.workspace();
        BooleanSupplier acted = () -> workspace.performance().get().isPresent();
        // Loaded is not yet drawn.
        add("", () -> {}, () -> workspace.character().isDone());
        add("start", () -> {}, workspace::settled);
        add(
                "",
                () -> {
                    window.openDemo();
                    window.knot().set(Knot.READING);
                },
                acted);
        add(
                "demo",
                () -> {
                    window.player().seek(1.24);
                    workspace.selection().set(new Selection(2, 1));
                },
                acted);
        add(
                "lines-table",
                () -> {
                    workspace.problems().put("line-4", "line4-Pim.flac: an example of what went wrong.");
                    window.toggleLines();
                },
                acted);
        add("", window::toggleLines, acted);
        add(
                "history",
                () -> {
                    workspace.editLine(0, l -> new LineEdit.SetGain(l, 2));
                    workspace.editLine(0, l -> new ActingEdit.KeyPose(l, 1.2, "Wry", 1, 0.3));
                    workspace.editLine(0, l -> new ActingEdit.Vary(l, 4));
                    workspace.undo();
                    new HistoryOverlay(window.root(), workspace, new EditJson(Shelf.none())).open();
                },
                acted);
        add(
                "",
                () -> {
                    window.root().getChildren().removeLast();
                    workspace.jump(0);
                },
                acted);
        add("two-views", () -> window.face().two().set(true), acted);
        add("", () -> window.face().two().set(false), acted);
        add("keys", () -> new HelpOverlay(window.root(), window.actions()).open(), acted);
        add("", () -> window.root().getChildren().removeLast(), acted);
        add("command-box", () -> new CommandOverlay(window.root(), window.actions()).open(), acted);
        add("", () -> window.root().getChildren().removeLast(), acted);
        addMouth(acted);
        addReading(acted);
        addDelivery(acted);
        add(
                "",
                () -> {
                    window.face().camera().set(Camera.FRONT);
                    window.knot().set(Knot.CAST);
                    window.trial().memberId().set("pim");
                },
                () -> window.trial()
                        .figure()
                        .get()
                        .map(f -> f.name().startsWith("Pim"))
                        .orElse(false));
        add("cast-desk", () -> window.trial().show("Wry"), acted);
        addOwnFace(acted);
        addCast(acted);
        add(
                "",
                this::startLongReading,
                () -> workspace.jobs().running().get().isEmpty()
                        && workspace
                                .performance()
                                .get()
                                .map(p -> p.duration() > 60)
                                .orElse(false));
        add("long-recording", () -> window.player().seek(31), acted);
        next();
    }

    /** Voice desk and Reading desk with a script that is not exact. */
    private void addReading(BooleanSupplier acted) {
        Workspace workspace = window.workspace();
        BooleanSupplier idle = () -> workspace.jobs().running().get().isEmpty() && acted.getAsBoolean();
        add(
                "voice-desk",
                () -> {
                    window.knot().set(Knot.VOICE);
                    workspace.overlays().loudness().set(true);
                    workspace.overlays().pitch().set(true);
                    window.scrollDesk(0.6);
                },
                acted);
        add(
                "",
                () -> {
                    workspace.overlays().loudness().set(false);
                    workspace.overlays().pitch().set(false);
                    window.knot().set(Knot.READING);
                    workspace.sceneId().set("");
                    workspace.editLine(
                            0,
                            l -> new LineEdit.SetScript(
                                    l,
                                    "Pim, the thick fog bell wrang before we moved the barge."
                                            + " Who put my map up by the brazier lamp?",
                                    false));
                    window.readingDesk().openTab("Look at");
                    workspace.readings().read();
                },
                () -> workspace.words().doubts().size() > 2);
        add("reading-doubts", () -> window.readingDesk().openTab("Look at"), idle);
        add(
                "",
                () -> {
                    workspace.selection().set(new Selection(4, 1));
                    window.readingDesk().openTab("Chosen");
                },
                idle);
        add("sound-picker", () -> window.scrollDesk(0.42), idle);
        add(
                "by-hand",
                () -> {
                    workspace.words().marks().clear();
                    for (double time : new double[] {0.45, 0.93, 1.03, 1.18, 1.37}) {
                        workspace.words().marks().mark(time);
                    }
                    window.player().seek(1.65);
                    window.readingDesk().openTab("By hand");
                    window.scrollDesk(0);
                },
                acted);
        add("", this::undoAll, acted);
        add("", () -> DocumentationProof.plant(window), () -> DocumentationProof.found(window));
        add("proof", () -> DocumentationProof.choose(window), acted);
        add(
                "review",
                () -> DocumentationProof.review(window),
                () -> workspace.proof().comparison().scene().get().isPresent());
        add("", () -> DocumentationProof.endReview(window), acted);
        add(
                "face-alone",
                () -> {
                    window.faceAlone().show(true);
                    workspace.proof().step(0, true);
                    window.root().lookup("#review-bar").setVisible(true);
                },
                acted);
        add("", () -> window.faceAlone().show(false), acted);
        add("", this::undoAll, acted);
    }

    private void undoAll() {
        while (window.workspace().history().get().canUndo()) {
            window.workspace().undo();
        }
    }

    /** The Mouth desk, section by section; what is changed for the pictures is undone. */
    private void addDelivery(BooleanSupplier acted) {
        Workspace workspace = window.workspace();
        add(
                "",
                () -> {
                    window.face().camera().set(Camera.THREE_QUARTER);
                    window.sheet().fit();
                    window.player().seek(4.1);
                    window.knot().set(Knot.DELIVERY);
                    Deliveries deliveries = workspace.deliveries();
                    deliveries.folder().set(Optional.of(workspace.settings().deliveryFolder()));
                    deliveries.order().set(OrderFiles.shipped("For the engine").orElseThrow());
                    deliveries.deliver(Map.of());
                },
                () -> workspace.deliveries().queue().list().getFirst().state().get() == Queued.State.DONE);
        add(
                "delivery",
                () -> {
                    Deliveries deliveries = workspace.deliveries();
                    deliveries.order().set(OrderFiles.shipped("For the edit").orElseThrow());
                    deliveries.deliver(Map.of());
                    deliveries.folder().set(Optional.of(Path.of("/films/saltmere/handed over")));
                    workspace.jobs().say("");
                },
                () -> workspace
                                .deliveries()
                                .queue()
                                .list()
                                .getFirst()
                                .fraction()
                                .get()
                        > 0.4);
        add(
                "",
                () -> workspace
                        .deliveries()
                        .queue()
                        .cancel(workspace.deliveries().queue().list().getFirst()),
                () -> workspace.deliveries().queue().list().getFirst().isOver());
    }

    private void addMouth(BooleanSupplier acted) {
        Workspace workspace = window.workspace();
        MouthEdits mouth = workspace.mouth();
        add(
                "",
                () -> {
                    window.knot().set(Knot.MOUTH);
                    window.player().seek(4.28);
                    mouth.cutSection(new TimeRange(3.4, 5.5));
                    mouth.diction(0, d -> DictionFiles.shipped().get("smiling").withOpen(1.35));
                },
                acted);
        // All mouths are others than before: they are drawn while this waits once more.
        add("mouth-desk", () -> {}, workspace::settled);
        add(
                "touch-ups",
                () -> {
                    mouth.section().set(-1);
                    window.mouthDesk().openTab("Touch-ups");
                    mouth.touch(
                            new Selection(2, 1), 0, t -> t.withStrength(1.25).withHold(0.05));
                    mouth.touch(new Selection(7, 1), 0, t -> t.withShape(Optional.of("Oo")));
                    mouth.touch(new Selection(12, 1), 0, t -> t.withBlend(Optional.of(new TouchUp.Blend("Ih", 0.3))));
                    workspace.selection().set(new Selection(2, 1));
                    window.player().seek(1.24);
                },
                acted);
        add("mouth-chart", () -> window.mouthDesk().openTab("Chart"), acted);
        add(
                "",
                () -> {
                    window.mouthDesk().openTab("Curves");
                    mouth.curves().channel().set("jawDrop");
                    mouth.curves().takeOver(new TimeRange(1.38, 2.0), OwnCurves.USUAL_ERROR);
                },
                () -> !mouth.work().curves().isEmpty());
        add(
                "curves",
                () -> {
                    workspace.selection().set(new Selection(4, -1));
                    mouth.curves().key().set(new OwnCurves.KeyChoice(0, 2));
                    window.player().seek(1.72);
                },
                acted);
        add(
                "why",
                () -> {
                    mouth.curves().key().set(OwnCurves.KeyChoice.NONE);
                    mouth.curves().channel().set("");
                    window.mouthDesk().openTab("Why");
                    window.player().seek(2.16);
                },
                acted);
        add(
                "",
                () -> {
                    undoAll();
                    workspace.selection().set(Selection.NONE);
                },
                acted);
    }

    /** A face of one's own, shaped from one of ours. */
    private void addOwnFace(BooleanSupplier acted) {
        PersonPlan plan = PlanFiles.shipped("pim")
                .withName("Bosun Grale")
                .with(Slider.AGE, 0.7)
                .with(Slider.WIDTH, 0.6)
                .with(Slider.JAW, 0.5)
                .with(Slider.NOSE, 0.55)
                .with(Slider.BROWS, 0.6)
                .withHair(new PersonPlan.Hair(HairStyle.WREATH, Paint.of("#D8D4CC"), Paint.of("#8E8C88")))
                .wearing(Garment.Slot.HEAD, Optional.empty())
                .wearing(Garment.Slot.FACE, Optional.of(Garment.SPECTACLES.worn()))
                .wearing(Garment.Slot.NECK, Optional.of(Garment.NECKERCHIEF.worn()))
                .wearing(Garment.Slot.BODY, Optional.of(Garment.SKIPPERS_COAT.worn()));
        add(
                "",
                () -> {
                    window.workspace()
                            .edit(new CastEdit.AddMember(
                                    new Member("own", plan.name(), new Member.Carved(plan), Optional.empty())));
                    window.trial().memberId().set("own");
                    window.cast().openTab("Face");
                },
                () -> window.trial()
                        .figure()
                        .get()
                        .map(f -> f.name().equals(plan.name()))
                        .orElse(false));
        add("own-face", () -> window.trial().show("Wry"), acted);
        add(
                "own-face-colours",
                () -> ((ToggleButton) window.root().lookup("#face-colours-and-clothes")).setSelected(true),
                acted);
        add(
                "",
                () -> {
                    window.workspace().undo();
                    window.cast().openTab("Poses");
                },
                acted);
    }

    /** The cast at work: poses, a rig check, a stranger's shapes, a picture with landmarks, company on stage. */
    private void addCast(BooleanSupplier acted) {
        Workspace workspace = window.workspace();
        add(
                "acting",
                () -> {
                    window.face().camera().set(Camera.FRONT);
                    workspace.clips().chosen().set(Optional.of(new ClipEdits.Choice("Feel", 2)));
                    window.knot().set(Knot.ACTING);
                    window.player().seek(4.3);
                },
                acted);
        add(
                "looks",
                () -> {
                    workspace.looks().chosen().set(1);
                    window.player().seek(2.4);
                },
                acted);
        add(
                "cues",
                () -> {
                    workspace.cues().add(Cue.Mark.COMMA, "Thoughtful");
                    workspace.cues().add(new Cue.Stress(), "Resolute");
                    workspace.cues().add(Cue.Mark.QUESTION, "Curious");
                    window.player().seek(5.2);
                },
                acted);
        add(
                "live",
                () -> {
                    ((ToggleButton) window.root().lookup("#tab-live")).setSelected(true);
                    window.live().tryOut(true);
                    window.player().seek(3.2);
                },
                acted);
        add(
                "live-pass",
                () -> {
                    window.live().off();
                    workspace.lineId().set(workspace.project().lines().get(3).id());
                    workspace.passes().all().stream()
                            .findFirst()
                            .ifPresent(p -> workspace.passes().chosen().set(Optional.of(p.choice())));
                    window.player().seek(2.06);
                },
                () -> workspace.settled() && workspace.passes().pass().isPresent());
        add(
                "",
                () -> {
                    workspace
                            .lineId()
                            .set(workspace.project().lines().getFirst().id());
                    ((ToggleButton) window.root().lookup("#tab-keys")).setSelected(true);
                    workspace.passes().keys().control().set("headYaw");
                    for (double[] key :
                            new double[][] {{0.6, -4}, {1.3, 9}, {2.2, 7}, {2.7, -6}, {4.2, 3}, {5.2, -2}}) {
                        workspace.passes().keys().key(key[0], key[1], 0);
                    }
                    window.player().seek(2.2);
                },
                acted);
        // The line is another one than before: its mouths are drawn while this waits once more.
        add("channel-keys", () -> {}, workspace::settled);
        add(
                "reference",
                () -> {
                    ((ToggleButton) window.root().lookup("#tab-scene")).setSelected(true);
                    Performance line = workspace.performance().get().orElseThrow();
                    String film = DocumentationFigures.film(line).toString();
                    workspace.editLine(
                            0,
                            l -> new LineEdit.SetReference(
                                    l,
                                    Optional.of(Reference.of(film)
                                            .withPlace(Reference.Place.BEHIND)
                                            .withOpacity(0.8))));
                    window.player().seek(4.1);
                },
                acted);
        add(
                "reference-beside",
                () -> workspace.editLine(
                        0,
                        l -> new LineEdit.SetReference(
                                l,
                                workspace
                                        .line()
                                        .orElseThrow()
                                        .reference()
                                        .map(r -> r.withPlace(Reference.Place.BESIDE)))),
                acted);
        add("", () -> workspace.editLine(0, l -> new LineEdit.SetReference(l, Optional.empty())), acted);
        add(
                "instincts",
                () -> {
                    ((ToggleButton) window.root().lookup("#tab-instincts")).setSelected(true);
                    workspace.overlays().marks().set(true);
                    workspace.marks().chosen().set(Optional.of(new MarkEdits.Choice(Kind.BLINKS, 1)));
                },
                acted);
        add(
                "layers",
                () -> {
                    workspace.overlays().marks().set(false);
                    workspace.overlays().weights().set(true);
                    ((ToggleButton) window.root().lookup("#tab-layers")).setSelected(true);
                },
                acted);
        add(
                "scene",
                () -> {
                    undoAll();
                    workspace.overlays().weights().set(false);
                    workspace.looks().chosen().set(-1);
                    workspace.clips().chosen().set(Optional.empty());
                    workspace.cues().chosen().set(Optional.empty());
                    window.face().camera().set(Camera.FRONT);
                    workspace.sceneId().set("night");
                    window.knot().set(Knot.ACTING);
                    ((ToggleButton) window.root().lookup("#tab-scene")).setSelected(true);
                    window.player().seek(2.3);
                },
                () -> workspace.scene().get().map(e -> e.size() == 3).orElse(false));
        add(
                "",
                () -> {
                    window.knot().set(Knot.CAST);
                    window.bringIn().add(DocumentationFigures.flawed());
                },
                // Another message may have come after it.
                () -> workspace.jobs().messages().stream()
                        .anyMatch(m -> m.text().contains("fault")));
        add("rig-check", () -> window.scrollDesk(0.10), () -> true);
        add(
                "",
                () -> window.bringIn().take(DocumentationFigures.objFolder()),
                () -> overlay() instanceof BringInOverlay);
        add("bring-in", () -> {}, () -> true);
        add(
                "",
                () -> {
                    ((BringInOverlay) overlay()).close();
                    window.bringIn().add(DocumentationFigures.strangers());
                },
                () -> window.trial()
                        .figure()
                        .get()
                        .map(f -> f.name().equals("harbour_master"))
                        .orElse(false));
        add("assign-shapes", () -> window.scrollDesk(0.22), () -> true);
        add(
                "landmarks",
                () -> DocumentationFigures.landmarks(window.root()).open(),
                () -> overlay() instanceof LandmarkOverlay);
        add("", () -> ((LandmarkOverlay) overlay()).close(), acted);
        add(
                "picture-face",
                () -> {
                    window.face().camera().set(Camera.FRONT);
                    window.bringIn().add(DocumentationFigures.flat());
                },
                () -> window.trial()
                        .figure()
                        .get()
                        .map(f -> f.name().equals("Portrait"))
                        .orElse(false));
    }

    private Node overlay() {
        return window.root().getChildren().getLast();
    }

    private void add(String name, Runnable prepare, BooleanSupplier ready) {
        steps.add(new Step(name, prepare, ready));
    }

    /** A line of some minutes, so that its reading can be watched. */
    private void startLongReading() {
        Workspace workspace = window.workspace();
        Line first = workspace.line().orElseThrow();
        Sound sound = SoundReader.read(
                first.sound().orElseThrow().content(),
                first.sound().orElseThrow().name(),
                Progress.none());
        int repeats = 40;
        float[] all = new float[sound.length() * repeats];
        StringBuilder words = new StringBuilder();
        for (int i = 0; i < repeats; i++) {
            System.arraycopy(sound.channel(0), 0, all, i * sound.length(), sound.length());
            words.append(first.script()).append(' ');
        }
        ByteArrayOutputStream wav = new ByteArrayOutputStream();
        try {
            WavFiles.write(Sound.mono(all, sound.rate()), wav);
        } catch (IOException impossible) {
            throw new IllegalStateException(impossible);
        }
        String id = Project.newId();
        SoundFile watch = new SoundFile("watch.wav", wav.toByteArray());
        workspace.edit(new LineEdit.AddLine(
                id, "The whole watch", Optional.of(watch), words.toString().strip(), ""));
        workspace.lineId().set(id);
        window.knot().set(Knot.READING);
        window.readingDesk().openTab("Look at");
        workspace.readings().read();
    }

    private void next() {
        Step step = steps.poll();
        if (step == null) {
            stage.hide();
            return;
        }
        step.prepare().run();
        await(step);
    }

    private void await(Step step) {
        boolean ready = step.ready().getAsBoolean();
        PauseTransition pause = new PauseTransition(Duration.seconds(ready ? SETTLE_SECONDS : 0.05));
        pause.setOnFinished(e -> {
            if (!ready) {
                await(step);
                return;
            }
            if (!step.name().isEmpty()
                    && (wanted.isEmpty() ? !EXTRA.contains(step.name()) : wanted.contains(step.name()))) {
                keep(step.name());
            }
            next();
        });
        pause.play();
    }

    private void keep(String name) {
        WritableImage image = stage.getScene().snapshot(null);
        int width = (int) image.getWidth();
        int height = (int) image.getHeight();
        int[] pixels = new int[width * height];
        image.getPixelReader().getPixels(0, 0, width, height, PixelFormat.getIntArgbInstance(), pixels, 0, width);
        AtomicFiles.write(folder.resolve(name + ".png"), out -> Png.write(new Picture(width, height, pixels), out));
        System.out.println("docs: " + name + ".png");
    }
}
