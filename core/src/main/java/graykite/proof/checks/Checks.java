package graykite.proof.checks;

import graykite.proof.Check;
import graykite.proof.Rule;
import graykite.proof.Rules;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/** Every check, in the order of the rules. A new one is a class, a line here and an entry in the data file. */
public final class Checks {
    private static final Map<String, Function<Rule, Check>> MAKERS = makers();

    private Checks() {}

    private static Map<String, Function<Rule, Check>> makers() {
        Map<String, Function<Rule, Check>> all = new LinkedHashMap<>();
        all.put("word-missing", WordMissing::new);
        all.put("word-unscripted", WordUnscripted::new);
        all.put("word-unknown", WordUnknown::new);
        all.put("word-weak", WordWeak::new);
        all.put("words-foreign", WordsForeign::new);
        all.put("sound-clipped", SoundClipped::new);
        all.put("sound-quiet", SoundQuiet::new);
        all.put("sound-noisy", SoundNoisy::new);
        all.put("sound-cut", SoundCut::new);
        all.put("closure-missed", ClosureMissed::new);
        all.put("bite-missed", BiteMissed::new);
        all.put("shape-late", ShapeLate::new);
        all.put("shape-early", ShapeEarly::new);
        all.put("shut-early", ShutEarly::new);
        all.put("pop", Pop::new);
        all.put("lips-too-fast", LipsTooFast::new);
        all.put("too-large", TooLarge::new);
        all.put("open-in-silence", OpenInSilence::new);
        all.put("same-shape", SameShape::new);
        all.put("lips-in-teeth", LiesWithin::lipsInTeeth);
        all.put("tongue-in-lip", LiesWithin::tongueInLip);
        all.put("no-blink", NoBlink::new);
        all.put("blink-clock", BlinkClock::new);
        all.put("blink-short", BlinkShort::new);
        all.put("lids-apart", LidsApart::new);
        all.put("eyes-on-nothing", EyesOnNothing::new);
        all.put("eyes-slide", EyesSlide::new);
        all.put("eyes-beyond", EyesBeyond::new);
        all.put("whites-round", WhitesRound::new);
        all.put("frozen", Frozen::new);
        all.put("never-holds", NeverHolds::new);
        all.put("drift", Drifts::new);
        all.put("unsettled", Unsettled::new);
        all.put("symmetrical", Symmetrical::new);
        all.put("smile-and-frown", SmileAndFrown::new);
        all.put("feeling-late", FeelingLate::new);
        all.put("jump", Jump::new);
        all.put("only-the-mouth", OnlyTheMouth::new);
        all.put("out-of-range", OutOfRange::new);
        all.put("key-between-frames", KeyBetweenFrames::new);
        all.put("noise", Noise::new);
        all.put("idle-layer", IdleLayer::new);
        all.put("file-missing", FileMissing::new);
        all.put("couplings-fight", CouplingsFight::new);
        all.put("other-rate", OtherRate::new);
        return all;
    }

    /** The checks with the limits that ship. @throws IllegalArgumentException when a rule has no check */
    public static List<Check> shipped() {
        return of(Rules.shipped());
    }

    /** The checks with some limits. */
    public static List<Check> of(Rules rules) {
        List<Check> checks = new ArrayList<>();
        for (Rule rule : rules.all()) {
            Function<Rule, Check> maker = MAKERS.get(rule.id());
            if (maker == null) {
                throw new IllegalArgumentException("There is no check for the rule \"" + rule.id() + "\".");
            }
            checks.add(maker.apply(rule));
        }
        return List.copyOf(checks);
    }

    /** Names of all checks, in the order of the rules. */
    public static List<String> names() {
        return List.copyOf(MAKERS.keySet());
    }
}
