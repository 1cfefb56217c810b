package graykite.people.plan;

import graykite.base.Names;

/** What can be shaped on a carved head, each from -1 to 1; 0 leaves it as it was carved. */
public enum Slider {
    AGE("age", "child", "very old"),
    WIDTH("width", "narrow", "broad"),
    JAW("jaw", "slight", "strong"),
    CHIN("chin", "drawn back", "standing out"),
    CHEEKS("cheeks", "hollow", "round"),
    NOSE("nose", "small", "large"),
    NOSE_TIP("nose tip", "drooping", "turned up"),
    LIPS("lips", "thin", "full"),
    MOUTH("mouth", "small", "wide"),
    EYES("eyes", "small", "large"),
    BROWS("brows", "fine", "bushy"),
    EARS("ears", "small", "large");

    private final String word;
    private final String less;
    private final String more;

    Slider(String word, String less, String more) {
        this.word = word;
        this.less = less;
        this.more = more;
    }

    public String word() {
        return word;
    }

    /** What -1 is, in a word or two. */
    public String less() {
        return less;
    }

    /** What 1 is. */
    public String more() {
        return more;
    }

    /** @throws IllegalArgumentException when there is none of that word */
    public static Slider of(String word) {
        return Names.meant(values(), Slider::word, word, "A face is shaped by");
    }
}
