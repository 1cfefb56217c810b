package graykite.format;

import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.base.BadInput;
import graykite.edit.LineEdit;
import graykite.edit.ProjectEdit;
import graykite.edit.SceneEdit;
import graykite.project.SceneWork;
import graykite.scene.Stand;
import graykite.text.Language;
import graykite.text.Pronunciation;
import graykite.time.FrameRate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** How edits of the project, its lines and its scenes stand in files. */
final class EditKinds {
    static final List<EditKind<?>> PROJECT = List.of(
            new EditKind<>(
                    "name-project",
                    ProjectEdit.NameProject.class,
                    (e, f) -> f.put("title", e.title()),
                    f -> new ProjectEdit.NameProject(f.text("title"))),
            new EditKind<>(
                    "set-rate",
                    ProjectEdit.SetRate.class,
                    (e, f) ->
                            f.put("rate", e.rate().numerator() + "/" + e.rate().denominator()),
                    f -> new ProjectEdit.SetRate(FrameRate.parse(
                            f.node("rate").isNumber() ? f.node("rate").asText() : f.text("rate")))),
            new EditKind<>(
                    "say-word",
                    ProjectEdit.SayWord.class,
                    (e, f) -> f.put("word", e.word()).put("said", e.said().toString()),
                    f -> new ProjectEdit.SayWord(f.text("word"), f.said("said"))),
            new EditKind<>(
                    "forget-word",
                    ProjectEdit.ForgetWord.class,
                    (e, f) -> f.put("word", e.word()),
                    f -> new ProjectEdit.ForgetWord(f.text("word"))),
            new EditKind<>(
                    "set-words",
                    ProjectEdit.SetWords.class,
                    (e, f) -> {
                        ObjectNode words = f.object("words");
                        new TreeMap<>(e.words()).forEach((word, said) -> words.put(word, said.toString()));
                    },
                    f -> new ProjectEdit.SetWords(words(f))),
            new EditKind<>(
                    "keep-view",
                    ProjectEdit.KeepView.class,
                    (e, f) -> ViewJson.write(e.view(), f.object("view")),
                    f -> new ProjectEdit.KeepView(ViewJson.read(f.node("view")))),
            new EditKind<>(
                    "dress-stage",
                    ProjectEdit.DressStage.class,
                    (e, f) -> {
                        f.put("of", e.of());
                        DressingJson.write(e.dressing(), f.json());
                    },
                    f -> new ProjectEdit.DressStage(f.text("of", ""), DressingJson.read(f.json()))),
            new EditKind<>(
                    "keep-performance",
                    ProjectEdit.KeepPerformance.class,
                    (e, f) -> MotionJson.write(e.performance(), f.json(), f.shelf()),
                    f -> new ProjectEdit.KeepPerformance(MotionJson.read(f.json(), f.shelf()))),
            new EditKind<>(
                    "forget-performance",
                    ProjectEdit.ForgetPerformance.class,
                    (e, f) -> f.put("name", e.name()),
                    f -> new ProjectEdit.ForgetPerformance(f.text("name"))),
            new EditKind<>(
                    "forget-view",
                    ProjectEdit.ForgetView.class,
                    (e, f) -> f.put("name", e.name()),
                    f -> new ProjectEdit.ForgetView(f.text("name"))),
            new EditKind<>(
                    "keep-version",
                    ProjectEdit.KeepVersion.class,
                    (e, f) -> f.put("name", e.name()).json().put("when", e.when()),
                    f -> new ProjectEdit.KeepVersion(
                            f.text("name"), f.has("when") ? f.node("when").asLong() : System.currentTimeMillis())),
            new EditKind<>(
                    "forget-version",
                    ProjectEdit.ForgetVersion.class,
                    (e, f) -> f.put("name", e.name()),
                    f -> new ProjectEdit.ForgetVersion(f.text("name"))),
            new EditKind<>(
                    "go-back",
                    ProjectEdit.GoBackTo.class,
                    (e, f) -> f.put("name", e.name()),
                    f -> new ProjectEdit.GoBackTo(f.text("name"))));

    static final List<EditKind<?>> LINES = List.of(
            new EditKind<>(
                    "add-line",
                    LineEdit.AddLine.class,
                    (e, f) -> {
                        f.put("line", e.line()).put("title", e.title()).put("script", e.script());
                        f.put("speaker", e.speaker());
                        e.recording().ifPresent(r -> f.put("recording", r));
                    },
                    f -> new LineEdit.AddLine(
                            f.text("line"),
                            f.text("title", f.text("line")),
                            f.has("recording") ? Optional.of(f.recording("recording")) : Optional.empty(),
                            f.text("script", ""),
                            f.text("speaker", ""))),
            new EditKind<>(
                    "remove-line",
                    LineEdit.RemoveLine.class,
                    (e, f) -> f.put("line", e.line()),
                    f -> new LineEdit.RemoveLine(f.text("line"))),
            new EditKind<>(
                    "copy-line",
                    LineEdit.CopyLine.class,
                    (e, f) -> f.put("line", e.line()).put("copy", e.copy()),
                    f -> new LineEdit.CopyLine(f.text("line"), f.text("copy"))),
            new EditKind<>(
                    "order-line",
                    LineEdit.OrderLine.class,
                    (e, f) -> f.put("line", e.line()).put("to", e.to()),
                    f -> new LineEdit.OrderLine(f.text("line"), f.whole("to"))),
            new EditKind<>(
                    "name-line",
                    LineEdit.NameLine.class,
                    (e, f) -> f.put("line", e.line()).put("title", e.title()),
                    f -> new LineEdit.NameLine(f.text("line"), f.text("title"))),
            new EditKind<>(
                    "give-line",
                    LineEdit.GiveLine.class,
                    (e, f) -> f.put("line", e.line()).put("member", e.member()),
                    f -> new LineEdit.GiveLine(f.text("line"), f.text("member"))),
            new EditKind<>(
                    "set-recording",
                    LineEdit.SetRecording.class,
                    (e, f) -> f.put("line", e.line()).put("recording", e.recording()),
                    f -> new LineEdit.SetRecording(f.text("line"), f.recording("recording"))),
            new EditKind<>(
                    "set-script",
                    LineEdit.SetScript.class,
                    (e, f) -> f.put("line", e.line()).put("script", e.script()).put("draft", e.draft()),
                    f -> new LineEdit.SetScript(f.text("line"), f.text("script"), f.flag("draft", false))),
            new EditKind<>(
                    "set-gain",
                    LineEdit.SetGain.class,
                    (e, f) -> f.put("line", e.line()).put("gain", e.gain()),
                    f -> new LineEdit.SetGain(f.text("line"), f.number("gain"))),
            new EditKind<>(
                    "set-start-frame",
                    LineEdit.SetStartFrame.class,
                    (e, f) -> f.put("line", e.line()).put("frame", (int) e.frame()),
                    f -> new LineEdit.SetStartFrame(f.text("line"), f.whole("frame"))),
            new EditKind<>(
                    "set-reference",
                    LineEdit.SetReference.class,
                    (e, f) -> {
                        f.put("line", e.line());
                        e.reference().ifPresent(r -> ReferenceJson.write(r, f.object("reference")));
                    },
                    f -> new LineEdit.SetReference(
                            f.text("line"),
                            f.has("reference")
                                    ? Optional.of(ReferenceJson.read(f.node("reference")))
                                    : Optional.empty())),
            new EditKind<>(
                    "set-channel",
                    LineEdit.SetChannel.class,
                    (e, f) -> {
                        f.put("line", e.line());
                        e.channel().ifPresent(c -> f.put("channel", c));
                    },
                    f -> new LineEdit.SetChannel(
                            f.text("line"), f.has("channel") ? Optional.of(f.whole("channel")) : Optional.empty())),
            new EditKind<>(
                    "set-language",
                    LineEdit.SetLanguage.class,
                    (e, f) ->
                            f.put("line", e.line()).put("language", e.language().code()),
                    f -> new LineEdit.SetLanguage(f.text("line"), language(f.text("language")))),
            new EditKind<>(
                    "retime",
                    LineEdit.Retime.class,
                    (e, f) -> WordsJson.write(
                            e.map(), f.put("line", e.line()).json().putArray("map")),
                    f -> new LineEdit.Retime(f.text("line"), WordsJson.timeMap(f.node("map")))));

    static final List<EditKind<?>> SCENES = List.of(
            new EditKind<>(
                    "add-scene",
                    SceneEdit.AddScene.class,
                    (e, f) -> f.put("scene", e.scene()).put("title", e.title()),
                    f -> new SceneEdit.AddScene(f.text("scene"), f.text("title", f.text("scene")))),
            new EditKind<>(
                    "remove-scene",
                    SceneEdit.RemoveScene.class,
                    (e, f) -> f.put("scene", e.scene()),
                    f -> new SceneEdit.RemoveScene(f.text("scene"))),
            new EditKind<>(
                    "name-scene",
                    SceneEdit.NameScene.class,
                    (e, f) -> f.put("scene", e.scene()).put("title", e.title()),
                    f -> new SceneEdit.NameScene(f.text("scene"), f.text("title"))),
            new EditKind<>(
                    "place-line",
                    SceneEdit.PlaceLine.class,
                    (e, f) -> f.put("scene", e.scene()).put("line", e.line()).put("start", e.start()),
                    f -> new SceneEdit.PlaceLine(f.text("scene"), f.text("line"), f.number("start"))),
            new EditKind<>(
                    "move-line",
                    SceneEdit.MoveLine.class,
                    (e, f) -> f.put("scene", e.scene())
                            .put("line", e.line())
                            .put("start", e.start())
                            .put("ripple", e.ripple()),
                    f -> new SceneEdit.MoveLine(
                            f.text("scene"), f.text("line"), f.number("start"), f.flag("ripple", false))),
            new EditKind<>(
                    "take-out",
                    SceneEdit.TakeOut.class,
                    (e, f) -> f.put("scene", e.scene()).put("line", e.line()),
                    f -> new SceneEdit.TakeOut(f.text("scene"), f.text("line"))),
            new EditKind<>(
                    "put-on-stage",
                    SceneEdit.PutOnStage.class,
                    (e, f) -> {
                        f.put("scene", e.scene());
                        SceneJson.write(new SceneWork.Standing(e.member(), e.stand()), f.json());
                    },
                    f -> new SceneEdit.PutOnStage(
                            f.text("scene"),
                            f.text("member"),
                            f.has("x")
                                    ? Optional.of(new Stand(f.number("x"), f.number("z", 0), f.number("facing", 0)))
                                    : Optional.empty())),
            new EditKind<>(
                    "leave-stage",
                    SceneEdit.LeaveStage.class,
                    (e, f) -> f.put("scene", e.scene()).put("member", e.member()),
                    f -> new SceneEdit.LeaveStage(f.text("scene"), f.text("member"))));

    private EditKinds() {}

    private static Map<String, Pronunciation> words(EditFields f) {
        Map<String, Pronunciation> words = new HashMap<>();
        f.node("words")
                .properties()
                .forEach(w -> words.put(
                        w.getKey(), EditFields.pronunciation(w.getValue().asText())));
        return words;
    }

    private static Language language(String code) {
        return Language.parse(code)
                .orElseThrow(() ->
                        new BadInput("the language \"" + code + "\" is not known; choose " + Language.codes() + "."));
    }
}
