package graykite.bench.proof;

import graykite.acting.Clip;
import graykite.acting.Performed;
import graykite.edit.ClipEdit;
import graykite.edit.LineEdit;
import graykite.edit.MouthEdit;
import graykite.edit.PassEdit;
import graykite.edit.ReadingEdit;
import graykite.format.character.Cast;
import graykite.motion.Curve;
import graykite.motion.Key;
import graykite.motion.Keyed;
import graykite.mouth.Beat;
import graykite.mouth.Beats;
import graykite.mouth.MouthSettings;
import graykite.mouth.PhoneShape.Closure;
import graykite.project.Member;
import graykite.project.Project;
import graykite.proof.Footage;
import graykite.proof.Shot;
import graykite.reading.TimedPhone;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.rig.LipLine;
import graykite.rig.MorphTarget;
import graykite.rig.Part;
import graykite.rig.Pose;
import graykite.rig.Roles;
import graykite.text.Phone;
import graykite.time.TimeMap;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.TreeMap;
import java.util.stream.IntStream;

/** Faults of the mouth. */
final class PlantedMouths {
    private static final String BACK = "lipsBack";

    /** What is to be seen shut at its end. */
    private static final Set<Phone> MEETING = Set.of(Phone.P, Phone.B, Phone.M, Phone.F, Phone.V);

    private PlantedMouths() {}

    static Map<String, Planted.Kind> kinds() {
        Map<String, Planted.Kind> all = new TreeMap<>();
        all.put("closure-missed", (c, r) -> open(c, r, Closure.LIPS, "lipsTogether", "lipPressor"));
        all.put("bite-missed", (c, r) -> open(c, r, Closure.LIP_TO_TEETH, "lipToTeeth", "lipSuck"));
        all.put("shape-late", (c, r) -> led(c, -r.nextDouble(0.14, 0.2)));
        all.put("shape-early", (c, r) -> led(c, r.nextDouble(0.27, 0.3)));
        all.put("shut-early", PlantedMouths::shutEarly);
        all.put("pop", (c, r) -> {
            double frame = c.project().rate().frameLength();
            double at = Math.rint(r.nextDouble(0.3, 0.8) / frame) * frame;
            double high = r.nextDouble(0.7, 1);
            return mouthPass(
                    c,
                    at - 0.5,
                    at + 0.5,
                    List.of(key(0, 0), key(0.5 - frame, 0), key(0.5, high), key(0.5 + frame, 0)));
        });
        all.put("lips-too-fast", (c, r) -> {
            double frame = c.project().rate().frameLength();
            double at = Math.rint(r.nextDouble(0.3, 0.7) / frame) * frame;
            return mouthPass(c, at - 0.3, at + 0.5, List.of(key(0, 0), key(0.3 - frame, 0), key(0.3, 1), key(0.7, 1)));
        });
        all.put("too-large", (c, r) -> {
            double factor = r.nextDouble(0.32, 0.38);
            MouthSettings settings = MouthSettings.STANDARD;
            MouthSettings large = settings.withDiction(
                    settings.diction().withOpen(2).withStrength(1.5).withSmooth(0.25));
            TimeMap faster =
                    new TimeMap(List.of(new TimeMap.Pair(0, 0), new TimeMap.Pair(c.duration(), factor * c.duration())));
            Project project = c.with(
                    new LineEdit.Retime(c.line().id(), faster),
                    new MouthEdit.SetMouth(c.line().id(), large));
            return Planted.at(project, 0, c.duration());
        });
        all.put("open-in-silence", (c, r) -> {
            double from = r.nextDouble(0, 0.05);
            Clip.Look look = Clip.Look.of("Agape")
                    .withContent(new Clip.Own("Agape", Pose.of("jawDrop", r.nextDouble(0.4, 0.8))))
                    .withMouth(1);
            return Planted.at(
                    c.with(new ClipEdit.AddClip(c.line().id(), "", from, from + r.nextDouble(1, 1.15), look)),
                    from,
                    from + 1.1);
        });
        all.put("same-shape", (c, r) -> {
            MouthSettings settings = MouthSettings.STANDARD;
            MouthSettings still = settings.withDiction(settings.diction().withStrength(0));
            return speaksFreely(c)
                    ? Planted.at(c.with(new MouthEdit.SetMouth(c.line().id(), still)), 0, c.duration())
                    : Optional.empty();
        });
        all.put("tongue-in-lip", (c, r) -> {
            double from = r.nextDouble(0.05, 0.2);
            Clip.Look out = Clip.Look.of("Tongue")
                    .withContent(new Clip.Own("Tongue", Pose.of("tongueOut", r.nextDouble(0.85, 1))))
                    .withMouth(1);
            return Planted.at(c.with(new ClipEdit.AddClip(c.line().id(), "", from, from + 0.9, out)), from, from + 0.9);
        });
        all.put("lips-in-teeth", PlantedMouths::inTeeth);
        return all;
    }

    /** The last word is read as if it had ended sooner, or a hand shuts the lips on it. */
    private static Optional<Planted> shutEarly(Clean clean, SplittableRandom random) {
        TimedWord last = clean.timing().words().getLast();
        double missed = random.nextDouble(0.4, 0.46);
        double length = last.end() - last.start();
        if (MEETING.contains(last.phones().getLast().phone())) {
            return Optional.empty();
        }
        if (length < 0.7) {
            Clip.Look shut = Clip.Look.of("Shut")
                    .withContent(new Clip.Own("Shut", Pose.of(Roles.SEAL, 1)))
                    .withMouth(1);
            double from = last.end() - random.nextDouble(0.4, 0.5);
            return Planted.at(
                    clean.with(new ClipEdit.AddClip(clean.line().id(), "", from, last.end() + 0.2, shut)),
                    from,
                    last.end());
        }
        double factor = (length - missed) / length;
        List<TimedPhone> phones = last.phones().stream()
                .map(p -> new TimedPhone(
                        p.phone(),
                        last.start() + factor * (p.start() - last.start()),
                        last.start() + factor * (p.end() - last.start()),
                        p.pinned()))
                .toList();
        List<TimedWord> words = new ArrayList<>(clean.timing().words());
        words.set(words.size() - 1, last.withPhones(phones));
        Timing read = new Timing(words, clean.timing().duration());
        return Planted.at(
                clean.with(new ReadingEdit.SetReading(clean.line().id(), read, false)),
                last.end() - missed,
                last.end());
    }

    private static Key key(double time, double value) {
        return new Key(time, value, Key.Way.LINEAR, 0, 0);
    }

    /** A performance that takes the mouth over for a moment. */
    private static Optional<Planted> mouthPass(Clean clean, double from, double to, List<Key> keys) {
        double start = Math.max(0, from);
        Keyed motion = new Keyed(to - start, List.of("jawDrop"), List.of(new Curve(keys)));
        PassEdit.Look look = new PassEdit.Look(Performed.whole("Planted", motion), false, 0, 1, Map.of());
        return Planted.at(clean.with(new PassEdit.AddPass(clean.line().id(), "", start, to, look)), start, to);
    }

    /** Lips that are seen open where they must touch: nothing in a project makes them, for the guard shuts them. */
    private static Optional<Planted> open(Clean clean, SplittableRandom random, Closure kind, String... seals) {
        List<Beats.Shut> shuts = clean.performance().beats().shuts().stream()
                .filter(s -> s.kind() == kind)
                .toList();
        if (shuts.isEmpty()) {
            return Optional.empty();
        }
        Beats.Shut shut = shuts.get(random.nextInt(shuts.size()));
        double jaw = random.nextDouble(0.25, 0.6);
        return Planted.seen(clean.project(), shut.from(), shut.to(), shot -> opened(shot, shut, jaw, seals));
    }

    private static Shot opened(Shot shot, Beats.Shut shut, double jaw, String... seals) {
        Footage film = shot.film();
        Map<String, Integer> index = shot.character().channelIndex();
        return shot.with(film.with(film.frame(shut.from() - 0.05), film.frame(shut.to() + 0.05) + 1, (values, f) -> {
            values[index.get("jawDrop")] = jaw;
            for (String seal : seals) {
                values[index.get(seal)] = 0;
            }
        }));
    }

    /** Lips that are shut anyway in the silence beside a sound would hide when its shape comes. */
    private static boolean nearSilence(Beat beat, Clean clean) {
        return clean.timing().segments().stream()
                .filter(s -> s.isSilence() && s.end() - s.start() > 0.05)
                .anyMatch(s -> s.start() < beat.end() + 0.25 && s.end() > beat.start() - 0.25);
    }

    /** True where several sounds in a row are made without the lips touching anything. */
    private static boolean speaksFreely(Clean clean) {
        double free = 0;
        int sounds = 0;
        for (Beat beat : clean.performance().beats().list()) {
            boolean goesOn = !beat.isSilence() && beat.closure() == Closure.NONE;
            free = goesOn ? free + beat.end() - beat.start() : 0;
            sounds = goesOn ? sounds + 1 : 0;
            if (sounds >= 5 && free > 0.45) {
                return true;
            }
        }
        return false;
    }

    /** Shapes that all come too late or too early, by the lead of the line. */
    private static Optional<Planted> led(Clean clean, double lead) {
        boolean shuts = clean.performance().beats().list().stream()
                .anyMatch(b -> b.closure() == Closure.LIPS && !nearSilence(b, clean));
        MouthSettings settings = MouthSettings.STANDARD.withLead(lead);
        return shuts
                ? Planted.at(clean.with(new MouthEdit.SetMouth(clean.line().id(), settings)), 0, clean.duration())
                : Optional.empty();
    }

    /** Somebody whose lips can be pushed into the teeth, and are. */
    private static Optional<Planted> inTeeth(Clean clean, SplittableRandom random) {
        Character who = pushable(Cast.byName(clean.line().speaker()));
        List<TimedWord> words = clean.timing().words();
        double at = words.get(random.nextInt(words.size())).start();
        Member member = new Member("pushed", "Pushed", new Member.Own(who), Optional.empty());
        Clip.Look look = Clip.Look.of("Pushed")
                .withContent(new Clip.Own("Pushed", Pose.of(BACK, random.nextDouble(0.8, 1), "jawDrop", 0.1)))
                .withMouth(1);
        Project spoken = clean.spokenBy(member);
        return Planted.at(new ClipEdit.AddClip(clean.line().id(), "", at, at + 1, look).apply(spoken), at, at + 1);
    }

    private static Character pushable(Character who) {
        LipLine line = who.lips().orElseThrow();
        int[] seam = IntStream.concat(Arrays.stream(line.upper()), Arrays.stream(line.lower()))
                .distinct()
                .sorted()
                .toArray();
        float[] moves = new float[3 * seam.length];
        for (int i = 0; i < seam.length; i++) {
            moves[3 * i + 2] = -9;
        }
        List<Part> parts = new ArrayList<>(who.parts());
        Part lips = parts.get(line.part());
        List<MorphTarget> targets = new ArrayList<>(lips.targets());
        targets.add(new MorphTarget(BACK, seam, moves));
        parts.set(line.part(), lips.withTargets(targets));
        List<Channel> channels = new ArrayList<>(who.channels());
        channels.add(new Channel(BACK, Channel.Group.LIPS, 0, 1, "Pushes the lips back"));
        return new Character(
                who.name(),
                who.kind(),
                channels,
                who.joints(),
                parts,
                who.correctives(),
                who.lips(),
                who.poses(),
                who.roles(),
                who.couplings(),
                who.landmarks());
    }
}
