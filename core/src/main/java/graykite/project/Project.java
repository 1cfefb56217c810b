package graykite.project;

import static graykite.base.Require.requireThat;

import graykite.acting.Performed;
import graykite.motion.Track;
import graykite.picture.Dressing;
import graykite.text.Pronunciation;
import graykite.time.FrameRate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Everything that a user made, as a value: an edit is a new project that shares what did not change.
 *
 * @param title name of the project
 * @param cast who may speak; never empty, the first speaks where nobody is named
 * @param rate frames a second of display and delivery
 * @param lines the lines, in order
 * @param scenes lines placed in time on one stage, in order
 * @param dictionary how words are said in this project, by plain word in lower case
 * @param views from where faces are looked at, as the user kept them, in order
 * @param performances kept for any line and character, in the order of their names
 * @param dressings how lines and scenes are lit and what is behind them, by id
 * @param versions states that were kept under a name, the oldest first
 */
public record Project(
        String title,
        List<Member> cast,
        FrameRate rate,
        List<Line> lines,
        List<SceneWork> scenes,
        Map<String, Pronunciation> dictionary,
        List<KeptView> views,
        List<Performed> performances,
        Map<String, Dressing> dressings,
        List<Version> versions) {
    /** In place of a line's or scene's id: every one that has no dressing of its own. */
    public static final String EVERYWHERE = "";

    /** How many versions a project keeps. */
    public static final int MOST_VERSIONS = 100;

    /** How many performances a project keeps for other lines. */
    public static final int MOST_PERFORMANCES = 500;

    /** How many views a project keeps. */
    public static final int MOST_VIEWS = 12;

    /** The cast that ships with Gray Kite. */
    public static final List<Member> OUR_CAST = List.of(
            Member.shipped("odile", "Odile Marsh"),
            Member.shipped("pim", "Pim Tarrant"),
            Member.shipped("brine", "Brine"));

    public Project {
        cast = List.copyOf(cast);
        lines = List.copyOf(lines);
        scenes = List.copyOf(scenes);
        dictionary = Map.copyOf(dictionary);
        views = List.copyOf(views);
        performances = List.copyOf(performances);
        // What stood on no stage any more is forgotten with its line or scene.
        Set<String> stages = stages(lines, scenes);
        dressings = dressings.entrySet().stream()
                .filter(d -> stages.contains(d.getKey()))
                .collect(Collectors.toUnmodifiableMap(Map.Entry::getKey, Map.Entry::getValue));
        versions = List.copyOf(versions);
        requireThat(versions.size() <= MOST_VERSIONS, "A project keeps up to %d versions.", MOST_VERSIONS);
        requireThat(
                performances.size() <= MOST_PERFORMANCES, "A project keeps up to %d performances.", MOST_PERFORMANCES);
        requireThat(views.size() <= MOST_VIEWS, "A project keeps up to %d views.", MOST_VIEWS);
        requireThat(!cast.isEmpty(), "A project has a cast.");
        requireThat(
                cast.size() == cast.stream().map(Member::id).distinct().count(),
                "Each character has an id of its own.");
        requireThat(lines.size() == lines.stream().map(Line::id).distinct().count(), "Each line has an id of its own.");
        requireThat(
                scenes.size() == scenes.stream().map(SceneWork::id).distinct().count(),
                "Each scene has an id of its own.");
    }

    private static Set<String> stages(List<Line> lines, List<SceneWork> scenes) {
        Set<String> stages = new HashSet<>(Set.of(EVERYWHERE));
        lines.forEach(l -> stages.add(l.id()));
        scenes.forEach(s -> stages.add(s.id()));
        return stages;
    }

    /** A project without views of its own. */
    public Project(
            String title,
            List<Member> cast,
            FrameRate rate,
            List<Line> lines,
            List<SceneWork> scenes,
            Map<String, Pronunciation> dictionary) {
        this(title, cast, rate, lines, scenes, dictionary, List.of(), List.of(), Map.of(), List.of());
    }

    public static Project empty() {
        return new Project("Untitled", OUR_CAST, FrameRate.THIRTY, List.of(), List.of(), Map.of());
    }

    /** An id that no line has. */
    public static String newId() {
        return UUID.randomUUID().toString();
    }

    public Optional<Line> line(String id) {
        return lines.stream().filter(s -> s.id().equals(id)).findFirst();
    }

    public Optional<Member> member(String id) {
        return cast.stream().filter(m -> m.id().equals(id)).findFirst();
    }

    /** Who says a line. */
    public Member speakerOf(Line line) {
        return member(line.speaker()).orElse(cast.getFirst());
    }

    /** The project with a line replaced by another of the same id, or added at the end. */
    public Project with(Line line) {
        List<Line> changed = new ArrayList<>(lines);
        for (int i = 0; i < changed.size(); i++) {
            if (changed.get(i).id().equals(line.id())) {
                changed.set(i, line);
                return new Project(
                        title, cast, rate, changed, scenes, dictionary, views, performances, dressings, versions);
            }
        }
        changed.add(line);
        return new Project(title, cast, rate, changed, scenes, dictionary, views, performances, dressings, versions);
    }

    /** The project without a line; it leaves every scene. */
    public Project without(String id) {
        return new Project(
                title,
                cast,
                rate,
                lines.stream().filter(s -> !s.id().equals(id)).toList(),
                scenes.stream().map(s -> s.without(id)).toList(),
                dictionary,
                views,
                performances,
                dressings,
                versions);
    }

    /** With the lines in another order, or fewer or more of them. */
    public Project withLines(List<Line> newLines) {
        return new Project(title, cast, rate, newLines, scenes, dictionary, views, performances, dressings, versions);
    }

    public Optional<SceneWork> scene(String id) {
        return scenes.stream().filter(s -> s.id().equals(id)).findFirst();
    }

    /** The project with a scene replaced by another of the same id, or added at the end. */
    public Project with(SceneWork scene) {
        List<SceneWork> changed = new ArrayList<>(scenes);
        for (int i = 0; i < changed.size(); i++) {
            if (changed.get(i).id().equals(scene.id())) {
                changed.set(i, scene);
                return withScenes(changed);
            }
        }
        changed.add(scene);
        return withScenes(changed);
    }

    public Project withScenes(List<SceneWork> newScenes) {
        return new Project(title, cast, rate, lines, newScenes, dictionary, views, performances, dressings, versions);
    }

    /** The project with a member of the cast replaced by another of the same id, or added at the end. */
    public Project with(Member member) {
        List<Member> changed = new ArrayList<>(cast);
        for (int i = 0; i < changed.size(); i++) {
            if (changed.get(i).id().equals(member.id())) {
                changed.set(i, member);
                return new Project(
                        title, changed, rate, lines, scenes, dictionary, views, performances, dressings, versions);
            }
        }
        changed.add(member);
        return new Project(title, changed, rate, lines, scenes, dictionary, views, performances, dressings, versions);
    }

    /** The project without a character; its lines are spoken by the first of the cast, and it leaves every stage. */
    public Project withoutMember(String id) {
        return new Project(
                title,
                cast.stream().filter(m -> !m.id().equals(id)).toList(),
                rate,
                lines.stream()
                        .map(s -> s.speaker().equals(id) ? s.withSpeaker("") : s)
                        .toList(),
                scenes.stream().map(s -> s.withoutMember(id)).toList(),
                dictionary,
                views,
                performances,
                dressings,
                versions);
    }

    public Project withTitle(String newTitle) {
        return new Project(newTitle, cast, rate, lines, scenes, dictionary, views, performances, dressings, versions);
    }

    public Project withRate(FrameRate newRate) {
        return new Project(title, cast, newRate, lines, scenes, dictionary, views, performances, dressings, versions);
    }

    /** With a word said in a way of its own in every line. */
    public Project withWord(String plainWord, Pronunciation said) {
        Map<String, Pronunciation> changed = new HashMap<>(dictionary);
        changed.put(plainWord.toLowerCase(Locale.ROOT), said);
        return new Project(title, cast, rate, lines, scenes, changed, views, performances, dressings, versions);
    }

    /** With a word said as the dictionary has it again. */
    public Project withoutWord(String plainWord) {
        Map<String, Pronunciation> changed = new HashMap<>(dictionary);
        changed.remove(plainWord.toLowerCase(Locale.ROOT));
        return new Project(title, cast, rate, lines, scenes, changed, views, performances, dressings, versions);
    }

    /** With another list of words and how they are said. */
    public Project withDictionary(Map<String, Pronunciation> words) {
        return new Project(title, cast, rate, lines, scenes, words, views, performances, dressings, versions);
    }

    /** With a view kept; one of the same name is replaced. */
    public Project with(KeptView view) {
        List<KeptView> changed = new ArrayList<>(views);
        changed.removeIf(v -> v.name().equals(view.name()));
        changed.add(view);
        return withViews(changed);
    }

    public Project withViews(List<KeptView> newViews) {
        return new Project(title, cast, rate, lines, scenes, dictionary, newViews, performances, dressings, versions);
    }

    /** With a performance kept; one of the same name is replaced. */
    public Project with(Performed performance) {
        List<Performed> changed = new ArrayList<>(performances);
        changed.removeIf(p -> p.name().equals(performance.name()));
        changed.add(performance);
        changed.sort(Comparator.comparing(Performed::name, String.CASE_INSENSITIVE_ORDER));
        return withPerformances(changed);
    }

    public Project withPerformances(List<Performed> kept) {
        return new Project(title, cast, rate, lines, scenes, dictionary, views, kept, dressings, versions);
    }

    /** With a version kept; one of the same name is replaced. */
    public Project with(Version version) {
        List<Version> changed = new ArrayList<>(versions);
        changed.removeIf(v -> v.name().equals(version.name()));
        changed.add(version);
        return withVersions(changed);
    }

    public Project withVersions(List<Version> kept) {
        return new Project(title, cast, rate, lines, scenes, dictionary, views, performances, dressings, kept);
    }

    /** How a line or scene is lit, and what is behind it. @param id of the line or scene */
    public Dressing dressing(String id) {
        return Optional.ofNullable(dressings.get(id))
                .or(() -> Optional.ofNullable(dressings.get(EVERYWHERE)))
                .orElse(Dressing.USUAL);
    }

    /** With a line or scene dressed. @param id of the line or scene, or {@link #EVERYWHERE}, which undresses them all first */
    public Project dressed(String id, Dressing dressing) {
        Map<String, Dressing> changed = id.equals(EVERYWHERE) ? new HashMap<>() : new HashMap<>(dressings);
        changed.put(id, dressing);
        return new Project(title, cast, rate, lines, scenes, dictionary, views, performances, changed, versions);
    }

    /** The project and every version of it. */
    public Stream<Project> states() {
        return Stream.concat(Stream.of(this), versions.stream().map(Version::project));
    }

    /** Every dense track that anything in the project holds. */
    public Stream<Track> tracks() {
        return Stream.concat(
                lines.stream().flatMap(l -> l.layers().tracks()),
                performances.stream()
                        .map(Performed::motion)
                        .filter(Track.class::isInstance)
                        .map(Track.class::cast));
    }
}
