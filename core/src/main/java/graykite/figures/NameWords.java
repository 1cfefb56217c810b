package graykite.figures;

import graykite.mouth.Viseme;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** How people name sounds and movements of a face: the words that {@link NameMatcher} compares with. */
final class NameWords {
    /** Words that say nothing. */
    static final Set<String> FILLING = Set.of(
            "face",
            "facial",
            "head",
            "shape",
            "shapes",
            "blend",
            "blendshape",
            "morph",
            "target",
            "mesh",
            "body",
            "key",
            "ctrl",
            "control",
            "anim",
            "expression",
            "exp",
            "pose",
            "v",
            "vis",
            "viseme",
            "phoneme",
            "phone",
            "ph",
            "sound",
            "the",
            "geo",
            "def",
            "bs",
            "vowel",
            "consonant",
            "say",
            "lipsync",
            "speech");

    /** Words that say that a sound is named. */
    static final Set<String> SOUND_WORDS = Set.of(
            "v", "vis", "viseme", "phoneme", "phone", "ph", "sound", "say", "vowel", "consonant", "speech", "lipsync");

    /** Words that only say where on the face. */
    static final Set<String> PLACES = Set.of("mouth", "mth", "lip", "lips", "eye", "eyes", "eyelid");

    /** A movement and the words for it: every group must be met by one of its words. */
    record Action(String role, boolean sided, double certainty, List<Set<String>> groups) {}

    private NameWords() {}

    /** All movements. */
    static List<Action> actions() {
        List<Action> a = new ArrayList<>();
        Set<String> mouth = Set.of("mouth", "lip", "lips", "mth");
        Set<String> brow = Set.of("brow", "brows", "eyebrow", "eyebrows");
        Set<String> eye = Set.of("eye", "eyes", "eyelid", "eyelids", "lid", "lids");
        Set<String> up = Set.of("up", "raise", "raised", "raiser", "lift", "upper");
        Set<String> down = Set.of("down", "lower", "lowerer", "drop", "depress", "depressor");
        add(a, "jawDrop", false, 0.95, Set.of("jaw", "chin", "mandible"), Set.of("open", "drop", "down", "lower"));
        add(a, "jawDrop", false, 0.85, mouth, Set.of("open", "opened"));
        au(a, "jawDrop", false, "26");
        au(a, "jawDrop", false, "27");
        add(a, "jawThrust", false, 0.95, Set.of("jaw"), Set.of("forward", "fwd", "thrust", "out"));
        au(a, "jawThrust", false, "29");
        add(a, "jawSideways", true, 0.8, Set.of("jaw"));
        au(a, "jawSideways", true, "30");
        add(a, "lipCornerPuller", true, 0.95, Set.of("smile", "smiling", "grin"));
        add(a, "lipCornerPuller", true, 0.9, Set.of("corner", "corners"), Set.of("pull", "puller", "up"));
        au(a, "lipCornerPuller", true, "12");
        add(a, "lipCornerDepressor", true, 0.9, Set.of("frown", "frowning"));
        add(a, "lipCornerDepressor", true, 0.9, Set.of("corner", "corners"), down);
        au(a, "lipCornerDepressor", true, "15");
        add(a, "lipStretcher", true, 0.92, Set.of("stretch", "stretcher"));
        add(a, "lipStretcher", true, 0.8, mouth, Set.of("wide"));
        au(a, "lipStretcher", true, "20");
        add(a, "dimpler", true, 0.95, Set.of("dimple", "dimpler"));
        au(a, "dimpler", true, "14");
        add(a, "lipPucker", false, 0.95, Set.of("pucker", "kiss", "purse", "pursed"));
        add(a, "lipPucker", false, 0.75, mouth, Set.of("narrow"));
        au(a, "lipPucker", false, "18");
        add(a, "lipFunneler", false, 0.95, Set.of("funnel", "funneler", "funneller"));
        au(a, "lipFunneler", false, "22");
        add(a, "lipTightener", false, 0.9, mouth, Set.of("tight", "tighten", "tightener", "thin"));
        au(a, "lipTightener", false, "23");
        add(a, "lipPressor", true, 0.9, Set.of("press", "presser", "pressor"));
        au(a, "lipPressor", false, "24");
        add(a, "lipSuck", false, 0.85, Set.of("roll", "suck"), Set.of("lip", "lips", "mouth", "lower", "upper"));
        au(a, "lipSuck", false, "28");
        add(a, "upperLipRaiser", true, 0.95, Set.of("upper"), Set.of("lip", "mouth"), Set.of("up", "raise", "raiser"));
        add(a, "upperLipRaiser", true, 0.85, Set.of("lip", "mouth"), Set.of("upper"));
        add(a, "upperLipRaiser", true, 0.85, Set.of("snarl"));
        au(a, "upperLipRaiser", true, "10");
        add(
                a,
                "lowerLipDepressor",
                true,
                0.95,
                Set.of("lower"),
                Set.of("lip", "mouth"),
                Set.of("down", "depress", "depressor"));
        au(a, "lowerLipDepressor", true, "16");
        add(a, "lipsTogether", false, 0.75, mouth, Set.of("close", "closed", "shut", "together"));
        au(a, "lipsTogether", false, "8");
        add(a, "lipToTeeth", false, 0.9, mouth, Set.of("teeth", "bite"));
        au(a, "lipToTeeth", false, "32");
        add(a, "chinRaiser", false, 0.92, Set.of("chin"), up);
        add(a, "chinRaiser", false, 0.75, Set.of("shrug"), Set.of("lower", "chin"));
        au(a, "chinRaiser", false, "17");
        add(a, "tongueOut", false, 0.95, Set.of("tongue"), Set.of("out", "stick", "show"));
        au(a, "tongueOut", false, "19");
        add(a, "tongueUp", false, 0.92, Set.of("tongue"), up);
        add(a, "tongueBack", false, 0.9, Set.of("tongue"), Set.of("back"));
        add(a, "cheekRaiser", true, 0.93, Set.of("cheek", "cheeks"), Set.of("up", "raise", "raiser", "squint"));
        au(a, "cheekRaiser", true, "6");
        add(a, "cheekPuff", true, 0.95, Set.of("cheek", "cheeks"), Set.of("puff", "puffed", "blow"));
        add(a, "cheekPuff", true, 0.8, Set.of("puff"));
        au(a, "cheekPuff", true, "34");
        add(a, "cheekSuck", true, 0.95, Set.of("cheek", "cheeks"), Set.of("suck", "in"));
        au(a, "cheekSuck", true, "35");
        add(a, "noseWrinkler", true, 0.95, Set.of("nose"), Set.of("sneer", "wrinkle", "wrinkler", "scrunch"));
        add(a, "noseWrinkler", true, 0.8, Set.of("sneer"));
        au(a, "noseWrinkler", true, "9");
        add(a, "innerBrowRaiser", true, 0.95, brow, Set.of("inner", "in", "middle", "mid"), up);
        add(a, "innerBrowRaiser", true, 0.7, brow, Set.of("sad", "worried", "worry"));
        au(a, "innerBrowRaiser", true, "1");
        add(a, "outerBrowRaiser", true, 0.95, brow, Set.of("outer", "out"), up);
        add(a, "outerBrowRaiser", true, 0.8, brow, up);
        au(a, "outerBrowRaiser", true, "2");
        add(a, "browLowerer", true, 0.95, brow, down);
        add(a, "browLowerer", true, 0.85, brow, Set.of("furrow", "frown", "angry", "mad"));
        au(a, "browLowerer", true, "4");
        add(a, "lidClose", true, 0.96, Set.of("blink", "blinks"));
        add(a, "lidClose", true, 0.92, eye, Set.of("close", "closed", "shut"));
        add(a, "lidClose", true, 0.8, Set.of("wink"));
        au(a, "lidClose", true, "45");
        au(a, "lidClose", true, "43");
        add(a, "upperLidRaiser", true, 0.95, eye, Set.of("wide", "open", "widen"));
        au(a, "upperLidRaiser", true, "5");
        add(a, "lidTightener", true, 0.95, Set.of("squint"));
        add(a, "lidTightener", true, 0.85, Set.of("lid", "lids", "eyelid"), Set.of("tight", "tighten", "tightener"));
        au(a, "lidTightener", true, "7");
        return List.copyOf(a);
    }

    @SafeVarargs
    @SuppressWarnings("varargs")
    private static void add(List<Action> actions, String role, boolean sided, double certainty, Set<String>... groups) {
        actions.add(new Action(role, sided, certainty, List.of(groups)));
    }

    private static void au(List<Action> actions, String role, boolean sided, String number) {
        add(actions, role, sided, 0.99, Set.of("au"), Set.of(number, "0" + number));
    }

    /** How people write the sounds of a mouth shape. */
    static Map<String, Viseme> sounds() {
        Map<String, Viseme> s = new LinkedHashMap<>();
        put(s, Viseme.REST, "rest", "neutral", "sil", "silence", "basis", "default");
        put(
                s,
                Viseme.LIPS_SHUT,
                "mbp",
                "bmp",
                "pbm",
                "mpb",
                "bpm",
                "pmb",
                "pp",
                "p",
                "b",
                "m",
                "mm",
                "bb",
                "lipsshut",
                "closed");
        put(s, Viseme.LIP_TO_TEETH, "fv", "vf", "ff", "f", "vv", "liptoteeth");
        put(s, Viseme.TONGUE_OUT, "th", "dh", "tth", "tongueout");
        put(s, Viseme.TIP, "td", "dd", "t", "d", "tdn", "dt", "tip");
        put(s, Viseme.BACK, "kg", "gk", "kk", "k", "g", "ng", "kgh", "gg");
        put(
                s,
                Viseme.HUSH,
                "ch",
                "sh",
                "j",
                "chj",
                "chjsh",
                "shch",
                "shchj",
                "jj",
                "zh",
                "hush",
                "chshj",
                "chsh",
                "jchsh");
        put(s, Viseme.HISS, "s", "z", "ss", "sz", "zs", "hiss");
        put(s, Viseme.RIDGE, "n", "l", "nl", "ln", "nn", "ll", "ridge");
        put(s, Viseme.R, "r", "rr", "er");
        put(s, Viseme.AH, "a", "aa", "ah", "ai", "aaa", "ay", "uh");
        put(s, Viseme.EH, "e", "eh", "ae", "ey");
        put(s, Viseme.IH, "i", "ih", "iy", "ii", "ee", "y");
        put(s, Viseme.OH, "o", "oh", "oo2", "ao", "ow", "aw");
        put(s, Viseme.OO, "u", "oo", "ou", "uw", "uu", "w", "wq", "qw", "woo");
        return s;
    }

    private static void put(Map<String, Viseme> sounds, Viseme viseme, String... spellings) {
        for (String spelling : spellings) {
            sounds.put(spelling, viseme);
        }
    }
}
