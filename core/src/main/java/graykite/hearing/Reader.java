package graykite.hearing;

import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.reading.Doubt;
import graykite.reading.HeardPhone;
import graykite.reading.Pins;
import graykite.reading.Sections;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.reading.WordSource;
import graykite.sound.Sound;
import graykite.text.Pronouncer;
import graykite.text.Pronunciation;
import graykite.text.Script;
import graykite.text.Tags;
import graykite.text.WordChoice;
import graykite.time.TimeRange;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.IntStream;

/**
 * Reads a recorded line: which word and which phone sounds when. Safe to share between threads once made; make it once,
 * loading the model is the slow part.
 */
public final class Reader {
    /** Longest recording that is read in one go, in seconds. */
    public static final double LONGEST = 4 * 3600;

    /** Seconds to either side of a section whose noise is its own. */
    private static final double NEAR = 30;

    /** Where no words say what to expect, a trained ear counts so many times as much. */
    private static final float WORDLESS = 2.5f;

    private final SpeechModel model;
    private final PhoneGrammar grammar;
    private final Pronouncer pronouncer;
    private final BoundaryNetwork boundaries;
    private final TrainedEar ear;

    private Reader(
            SpeechModel model,
            PhoneGrammar grammar,
            Pronouncer pronouncer,
            BoundaryNetwork boundaries,
            TrainedEar ear) {
        this.model = model;
        this.grammar = grammar;
        this.pronouncer = pronouncer;
        this.boundaries = boundaries;
        this.ear = ear;
    }

    /** A reader with everything that ships with Gray Kite. */
    public static Reader shipped() {
        return of(Pronouncer.shipped());
    }

    /** A reader with the shipped models and words that are at hand already. */
    public static Reader of(Pronouncer pronouncer) {
        return new Reader(
                SpeechModel.load(), PhoneGrammar.shipped(), pronouncer, BoundaryNetwork.shipped(), TrainedEar.none());
    }

    /** The same reader with another network that places boundaries. */
    public Reader with(BoundaryNetwork otherBoundaries) {
        return new Reader(model, grammar, pronouncer, otherBoundaries, ear);
    }

    /** The same reader with words from elsewhere: another language, for one. */
    public Reader with(Pronouncer otherPronouncer) {
        return new Reader(model, grammar, otherPronouncer, boundaries, ear);
    }

    /** The same reader with a trained ear: for English words where no script is, and for the phones of other languages. */
    public Reader with(TrainedEar otherEar) {
        return new Reader(model, grammar, pronouncer, boundaries, otherEar);
    }

    /** The same reader for scripts that the trained ear drafted: it is not asked whether it heard right. */
    public Reader ofDrafts() {
        return with(ear.withoutWords());
    }

    public Pronouncer pronouncer() {
        return pronouncer;
    }

    /** Reads with dictionary pronunciations only. */
    public Timing read(Sound sound, Script script, Progress progress) {
        return read(sound, script, Map.of(), progress);
    }

    /**
     * Aligns a script to a sound. The script need not be exact: words of it that are not said are listed as missing, and what
     * is said but not in it is read by its sound. Where the script says when words are spoken, they are looked for there, unless
     * they plainly are elsewhere.
     *
     * @param own pronunciations of the project by plain word; they replace those of the dictionary
     * @return every word of the script in order, heard or missing
     * @throws BadInput when there are no words, or the sound is silent or too short for them
     */
    public Timing read(Sound sound, Script script, Map<String, Pronunciation> own, Progress progress) {
        return read(sound, script, own, Pins.none().within(script), progress);
    }

    /**
     * Reads again and keeps what was set by hand: pinned phones keep their times, and their words their phones, as far as the
     * script still has these words.
     *
     * @param earlier the reading that holds the pins
     */
    public Timing reread(
            Sound sound, Script script, Map<String, Pronunciation> own, Timing earlier, Progress progress) {
        return read(sound, script, own, Pins.of(earlier, script).within(script), progress);
    }

    /**
     * Finds the words of a reading in another recording of them: a new take. Words that were changed by hand keep their
     * phones; all times are those of the new sound.
     */
    public Timing carry(Sound take, Timing earlier, Map<String, Pronunciation> own, Progress progress) {
        StringBuilder text = new StringBuilder();
        for (TimedWord word : earlier.words()) {
            if (word.source() != WordSource.SOUND) {
                text.append(Tags.written(word.text(), word.mark())).append(' ');
            }
        }
        Script script = Script.of(text.toString());
        return read(take, script, own, Pins.of(earlier, script).withoutTimes(), progress);
    }

    /**
     * Reads the words from one to another again, in the time between their neighbours, and leaves all others as they are.
     *
     * @param first index of the first word in the earlier reading
     * @param last index of the last word
     * @param script what is said there instead
     * @throws BadInput when there is no word in the script or no room for it
     */
    public Timing readSection(
            Sound sound,
            Timing earlier,
            int first,
            int last,
            Script script,
            Map<String, Pronunciation> own,
            Progress progress) {
        List<TimedWord> words = earlier.words();
        double from = first == 0 ? 0 : words.get(first - 1).end();
        double to = last + 1 == words.size()
                ? sound.duration()
                : words.get(last + 1).start();
        // A section may have no pause that tells the noise, so that of its surroundings is taken.
        TimeRange near = new TimeRange(Math.max(0, from - NEAR), Math.min(sound.duration(), to + NEAR));
        NoiseFloor noise = NoiseFloor.of(sound.cut(near).mixedAt(Features.RATE));
        CutShort part = CutShort.not(plain(sound.cut(new TimeRange(from, to))));
        Timing section = read(part, heard -> Features.of(heard, noise), script, own, Pins.none(), progress);
        return Sections.replaced(earlier, first, last, section, from, to);
    }

    /**
     * Reads without any script: words of unknown text. In English their phones are those of the words that a trained ear hears, if there
     * is one and they fit the sound; elsewhere phones by their sound, cut where there are pauses, good enough for a mouth in any language.
     *
     * @throws BadInput when the sound is silent
     */
    public Timing listen(Sound sound, Progress progress) {
        Sound plain = plain(sound);
        return english()
                .words(plain, progress.part(0, 0.6))
                .map(words -> ofDrafts().read(plain, words, progress.part(0.6, 1)))
                .filter(reading -> Doubt.stranger(reading).isEmpty())
                .map(Timing::withoutWords)
                .orElseGet(() -> byPhones(plain, progress.part(0.6, 1)));
    }

    private Timing byPhones(Sound plain, Progress progress) {
        Features own = Features.of(plain);
        Features features = ear.phones(plain, progress.part(0, 0.4))
                .map(odds -> own.with(odds.times(WORDLESS)))
                .orElse(own);
        Progress rest = progress.part(0.4, 1);
        Scorer scorer = new Scorer(model, features);
        PhoneLoop loop = new PhoneLoop(model, grammar, scorer);
        for (int frame = 0; frame < features.frames(); frame++) {
            if ((frame & 255) == 0) {
                rest.step(0.9 * frame / features.frames());
            }
            scorer.frame(frame);
            loop.step(frame);
        }
        List<HeardPhone> heard = HeardWords.within(loop.heard(features.frames()), 0, features.frames());
        double[] times = times(ShortPauses.Parted.as(heard), List.of(), Pins.none(), CutShort.not(plain));
        progress.step(1);
        return HeardTiming.wordless(heard, times).timing(plain.duration());
    }

    /**
     * The phones and pauses as the search over the speech model hears them, without gaps, before their boundaries are placed
     * finely.
     *
     * @param sound one channel at 16 kHz
     */
    public List<HeardPhone> hear(Sound sound, Script script, Progress progress) {
        Features features = withOdds(Features.of(sound), sound, progress.part(0, 0.1));
        return search(features, words(sound, Map.of()))
                .hear(features, choices(script, Map.of(), Pins.none()), Pins.none(), progress.part(0.1, 1))
                .phones();
    }

    /**
     * What can be seen of whether each word of a script was said, when all are laid into the sound in any case.
     *
     * @return none when the sound is too short for the words
     */
    public List<WordSigns> signs(Sound sound, Script script, Progress progress) {
        Sound plain = plain(sound);
        Features features = withOdds(Features.of(plain), plain, progress.part(0, 0.1));
        return aligner(features)
                .align(features, choices(script, Map.of(), Pins.none()), Pins.none(), progress.part(0.1, 1))
                .map(found -> {
                    LineFit fit = new LineFit(found.words(), found.ceiling(), tongue(features));
                    return PhoneRuns.words(found.words()).stream()
                            .map(fit::signs)
                            .toList();
                })
                .orElse(List.of());
    }

    private Timing read(Sound sound, Script script, Map<String, Pronunciation> own, Pins pins, Progress progress) {
        Sound plain = plain(sound);
        CutShort recording = CutShort.of(plain);
        // Quiet that was put behind it is no noise of the recording.
        Function<Sound, Features> heard =
                recording.heard() == plain ? Features::of : other -> Features.of(other, NoiseFloor.of(plain));
        return read(recording, heard, script, own, pins, progress);
    }

    private Timing read(
            CutShort recording,
            Function<Sound, Features> ownFeatures,
            Script script,
            Map<String, Pronunciation> own,
            Pins pins,
            Progress progress) {
        if (script.isEmpty()) {
            throw new BadInput("The script has no words. Type or load what is said in the recording.");
        }
        Sound plain = recording.heard();
        List<WordChoice> choices = choices(script, own, pins);
        Features features = withOdds(ownFeatures.apply(plain), plain, progress.part(0, 0.1));
        progress.step(0.1);
        ScriptSearch.Heard spoken = search(features, words(plain, own))
                .hear(features, choices, pins, progress.part(0.1, 0.85))
                .withTrailingSounds();
        Progress singing = progress.part(0.85, 0.92);
        SungLine.Heard heard = HeldSounds.in(plain, features, choices)
                .map(held -> sung(held, ownFeatures, own, singing.part(0, 0.1))
                        .heard(spoken, features, choices, pins, pins.retimed(held.shortening()), singing.part(0.1, 1)))
                .orElseGet(() -> SungLine.Heard.spoken(spoken));
        ScriptSearch.Heard said = heard.line();
        ScriptSearch.Heard judged = heard.judged();
        LineFit fit = new LineFit(judged.phones(), judged.ceiling(), tongue(features));
        Map<Integer, Double> fits =
                fit.words(judged.phones(), choices.size(), judged.byEar().confirmed());
        Progress listening = progress.part(0.92, 0.97);
        ScriptSearch.Heard placed = fit.isStrange()
                ? new MurkySound(english(), plain).placed(said, choices, pins, features, aligner(features), listening)
                : said;
        ShortPauses.Parted parted = ShortPauses.of(plain).between(placed.phones(), pins);
        double[] times = times(parted, choices, pins, recording);
        progress.step(1);
        return new HeardTiming(
                        parted.phones(), times, choices, fits, placed.byEar().texts(), pins)
                .timing(recording.duration());
    }

    /** The sound as the models hear it, once it is sure that there is something to hear. */
    private static Sound plain(Sound sound) {
        if (sound.silent()) {
            throw new BadInput("The recording is silent, so nothing can be read from it. Choose another file.");
        }
        if (sound.duration() > LONGEST) {
            throw new BadInput("The recording is longer than four hours. Cut it into lines.");
        }
        return sound.mixedAt(Features.RATE);
    }

    /** What is heard of a sound whose words are known: another language is helped by a trained ear, English is read faster without. */
    private Features withOdds(Features own, Sound plain, Progress progress) {
        return pronouncer.isForeign()
                ? ear.phones(plain, progress).map(own::with).orElse(own)
                : own;
    }

    private SungLine sung(
            HeldSounds held, Function<Sound, Features> ownFeatures, Map<String, Pronunciation> own, Progress progress) {
        Sound shorter = held.shorter();
        Features features = withOdds(ownFeatures.apply(shorter), shorter, progress);
        Aligner aligner = new Aligner(model, grammar, tongue(features), SungLine.alike(pronouncer.alike()));
        return new SungLine(new ScriptSearch(aligner, tongue(features), words(shorter, own)), features, aligner);
    }

    private ScriptSearch search(Features features, EarWords words) {
        return new ScriptSearch(aligner(features), tongue(features), words);
    }

    /** What a trained ear may be asked for, where a script does not fit: it knows the words of English alone. */
    private EarWords words(Sound plain, Map<String, Pronunciation> own) {
        return new EarWords(english(), plain, script -> choices(script, own, Pins.none()));
    }

    private TrainedEar english() {
        return pronouncer.isForeign() ? TrainedEar.none() : ear;
    }

    private Aligner aligner(Features features) {
        return new Aligner(model, grammar, tongue(features), pronouncer.alike());
    }

    private Tongue tongue(Features features) {
        if (!pronouncer.isForeign()) {
            return Tongue.OWN;
        }
        return features.hasOdds() ? Tongue.OTHER_TRAINED : Tongue.OTHER;
    }

    private List<WordChoice> choices(Script script, Map<String, Pronunciation> own, Pins pins) {
        return IntStream.range(0, script.words().size())
                .mapToObj(w -> pins.held(w, pronouncer.choice(script.words().get(w), own)))
                .toList();
    }

    private double[] times(ShortPauses.Parted parted, List<WordChoice> choices, Pins pins, CutShort recording) {
        Sound sound = recording.heard();
        List<HeardPhone> heard = parted.phones();
        double[] given = parted.held().clone();
        for (int i = 0; i < heard.size() && !choices.isEmpty(); i++) {
            int at = i;
            HeardPhone phone = heard.get(i);
            if (phone.word() >= 0) {
                pins.at(phone.word(), phone.index()).ifPresent(pin -> {
                    given[at] = pin.start();
                    given[at + 1] = pin.end();
                });
            }
        }
        double[] times = new BoundaryPlacer(boundaries, BoundaryView.of(sound)).times(heard, given, sound.duration());
        SoundingEdges sounding = SoundingEdges.of(sound);
        sounding.begin(heard, times, given);
        sounding.lengthen(heard, times, given);
        recording.end(heard, times, given);
        return times;
    }

    /** The stretch of the sound in which words are spoken; the whole sound when there are none. */
    public static TimeRange spoken(Timing timing) {
        if (timing.words().isEmpty()) {
            return new TimeRange(0, timing.duration());
        }
        return new TimeRange(
                timing.words().getFirst().start(), timing.words().getLast().end());
    }
}
