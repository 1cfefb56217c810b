package graykite.format;

import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.edit.CastEdit;
import graykite.format.character.Cast;
import graykite.format.character.CharacterStore;
import graykite.format.character.FigureFiles;
import graykite.format.character.PlanFiles;
import graykite.format.character.PlanJson;
import graykite.project.Member;
import graykite.rig.Pose;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** How edits of the cast stand in files. */
final class CastEditKinds {
    static final List<EditKind<?>> ALL = List.of(
            new EditKind<>(
                    "add-member",
                    CastEdit.AddMember.class,
                    (e, f) -> write(e.member(), f),
                    f -> new CastEdit.AddMember(member(f))),
            new EditKind<>(
                    "remove-member",
                    CastEdit.RemoveMember.class,
                    (e, f) -> f.put("member", e.member()),
                    f -> new CastEdit.RemoveMember(f.text("member"))),
            new EditKind<>(
                    "name-member",
                    CastEdit.NameMember.class,
                    (e, f) -> f.put("member", e.member()).put("name", e.name()),
                    f -> new CastEdit.NameMember(f.text("member"), f.text("name"))),
            new EditKind<>(
                    "shape-face",
                    CastEdit.ShapeFace.class,
                    (e, f) -> PlanJson.write(
                            e.plan(),
                            f.put("member", e.member()).put("what", e.what()).object("plan")),
                    f -> new CastEdit.ShapeFace(
                            f.text("member"), PlanFiles.of(f.node("plan")), f.text("what", "Shape the face"))),
            new EditKind<>(
                    "set-library",
                    CastEdit.SetLibrary.class,
                    (e, f) -> CastJson.write(
                            e.library(),
                            f.put("member", e.member()).put("what", e.what()).object("library")),
                    f -> new CastEdit.SetLibrary(
                            f.text("member"),
                            CastJson.library(f.node("library")),
                            f.text("what", "Poses, roles and chart"))),
            new EditKind<>(
                    "set-pose",
                    CastEdit.SetPose.class,
                    (e, f) -> {
                        ObjectNode pose = f.put("member", e.member())
                                .put("name", e.name())
                                .object("pose");
                        e.pose().values().forEach(pose::put);
                    },
                    f -> new CastEdit.SetPose(f.text("member"), f.text("name"), pose(f))),
            new EditKind<>(
                    "remove-pose",
                    CastEdit.RemovePose.class,
                    (e, f) -> f.put("member", e.member()).put("name", e.name()),
                    f -> new CastEdit.RemovePose(f.text("member"), f.text("name"))),
            new EditKind<>(
                    "set-chart",
                    CastEdit.SetChart.class,
                    (e, f) -> f.put("member", e.member()).json().set("chart", ChartFiles.chart(e.chart())),
                    f -> new CastEdit.SetChart(f.text("member"), ChartFiles.chart(f.node("chart")))),
            new EditKind<>(
                    "rename-shape",
                    CastEdit.RenameShape.class,
                    (e, f) -> f.put("member", e.member()).put("from", e.from()).put("to", e.to()),
                    f -> new CastEdit.RenameShape(f.text("member"), f.text("from"), f.text("to"))));

    private CastEditKinds() {}

    private static Pose pose(EditFields f) {
        Map<String, Double> values = new HashMap<>();
        f.node("pose")
                .properties()
                .forEach(v -> values.put(v.getKey(), v.getValue().asDouble()));
        return new Pose(values);
    }

    private static void write(Member member, EditFields f) {
        f.put("member", member.id()).put("name", member.name());
        switch (member.source()) {
            case Member.Shipped shipped -> f.put("figure", shipped.figure());
            case Member.Carved carved -> PlanJson.write(carved.plan(), f.object("plan"));
            case Member.Own own -> f.put("character", CastJson.stored(member));
        }
        member.library().ifPresent(l -> CastJson.write(l, f.object("library")));
    }

    private static Member member(EditFields f) {
        Member.Source source;
        if (f.has("figure")) {
            if (!Cast.has(f.text("figure"))) {
                throw new BadInput("no character \"" + f.text("figure") + "\" ships with this Gray Kite.");
            }
            source = new Member.Shipped(f.text("figure"));
        } else if (f.has("plan")) {
            source = new Member.Carved(PlanFiles.of(f.node("plan")));
        } else if (f.node("character").hasNonNull("sha256")) {
            try {
                source = new Member.Own(CharacterStore.read(
                        new ByteArrayInputStream(f.recording("character").content())));
            } catch (IOException damaged) {
                throw new BadInput("the character is damaged: " + damaged.getMessage() + ".", damaged);
            }
        } else {
            source = new Member.Own(FigureFiles.read(
                            f.shelf().file(f.node("character").path("file").asText()), Progress.none())
                    .character());
        }
        return new Member(
                f.text("member"),
                f.text("name", f.text("member")),
                source,
                f.has("library") ? Optional.of(CastJson.library(f.node("library"))) : Optional.empty());
    }
}
