package graykite.mouth;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * Everything that was decided about the mouth of a line.
 *
 * @param settings how the whole line is spoken
 * @param sections parts that are spoken in their own way; later ones lie over earlier ones
 * @param touchUps edits of single sounds and words, at most one each
 * @param curves stretches of channels that were taken over
 */
public record MouthWork(
        MouthSettings settings, List<Section> sections, List<TouchUp> touchUps, List<TakenCurve> curves) {
    public static final MouthWork STANDARD = of(MouthSettings.STANDARD);

    public MouthWork {
        sections = List.copyOf(sections);
        touchUps = List.copyOf(touchUps);
        curves = List.copyOf(curves);
    }

    public static MouthWork of(MouthSettings settings) {
        return new MouthWork(settings, List.of(), List.of(), List.of());
    }

    public MouthWork withSettings(MouthSettings value) {
        return new MouthWork(value, sections, touchUps, curves);
    }

    public MouthWork withSections(List<Section> value) {
        return new MouthWork(settings, value, touchUps, curves);
    }

    public MouthWork withTouchUps(List<TouchUp> value) {
        return new MouthWork(settings, sections, value, curves);
    }

    public MouthWork withCurves(List<TakenCurve> value) {
        return new MouthWork(settings, sections, touchUps, value);
    }

    /** With a section in place of another, or added. */
    public MouthWork withSection(int index, Section section) {
        List<Section> changed = new ArrayList<>(sections);
        changed.set(index, section);
        return withSections(changed);
    }

    /** With one touch-up changed; one that does nothing any more is dropped. */
    public MouthWork withTouchUp(int index, UnaryOperator<TouchUp> change) {
        List<TouchUp> changed = new ArrayList<>(touchUps);
        TouchUp now = change.apply(changed.get(index));
        if (now.isNothing()) {
            changed.remove(index);
        } else {
            changed.set(index, now);
        }
        return withTouchUps(changed);
    }

    /** With one more touch-up, unless it does nothing. */
    public MouthWork plus(TouchUp touchUp) {
        if (touchUp.isNothing()) {
            return this;
        }
        List<TouchUp> more = new ArrayList<>(touchUps);
        more.add(touchUp);
        return withTouchUps(more);
    }
}
