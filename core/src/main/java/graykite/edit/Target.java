package graykite.edit;

import java.util.List;

/** What an edit is about: in one gesture a later edit about the same thing takes the place of the earlier one. */
final class Target {
    private Target() {}

    static boolean same(Edit one, Edit other) {
        List<Object> target = of(one);
        return !target.isEmpty() && one.getClass() == other.getClass() && target.equals(of(other));
    }

    /** Nothing for edits that add something each time. */
    private static List<Object> of(Edit edit) {
        return switch (edit) {
            case LineEdit.SetGain e -> List.of(e.line());
            case LineEdit.SetStartFrame e -> List.of(e.line());
            case LineEdit.SetScript e -> List.of(e.line());
            case LineEdit.Retime e -> List.of(e.line());
            case ReadingEdit.MoveStart e -> List.of(e.line(), e.word(), e.phone());
            case ReadingEdit.MoveEnd e -> List.of(e.line(), e.word());
            case ReadingEdit.SetReading e -> List.of(e.line());
            case MouthEdit.SetMouth e -> List.of(e.line());
            case MouthEdit.ChangeSection e -> List.of(e.line(), e.section());
            case MouthEdit.Touch e -> List.of(e.line(), e.word(), e.phone());
            case MouthEdit.ChangeCurve e -> List.of(e.line(), e.own());
            case ActingEdit.ChangeKey e -> List.of(e.line(), e.key());
            case ActingEdit.ChangeLayer e -> List.of(e.line(), e.index());
            case ClipEdit.ChangeClip e -> List.of(e.line(), e.layer(), e.clip());
            case LookEdit.ChangeLook e -> List.of(e.line(), e.look());
            case CueEdit.SetCue e -> List.of(e.line(), e.cue().name());
            case CueEdit.SwitchCue e -> List.of(e.line(), e.cue(), e.word());
            case CastEdit.SetLibrary e -> List.of(e.member());
            case CastEdit.SetPose e -> List.of(e.member(), e.name());
            case CastEdit.SetChart e -> List.of(e.member());
            case SceneEdit.MoveLine e -> List.of(e.scene(), e.line());
            case SceneEdit.PutOnStage e -> List.of(e.scene(), e.member());
            case ProjectEdit.DressStage e -> List.of(e.of());
            default -> List.of();
        };
    }
}
