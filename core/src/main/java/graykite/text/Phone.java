package graykite.text;

import java.util.Locale;
import java.util.Optional;

/** The 39 phones of ARPABET as used by the CMU Pronouncing Dictionary, and silence. */
public enum Phone {
    AA("ɑ", Kind.VOWEL, "odd"),
    AE("æ", Kind.VOWEL, "at"),
    AH("ʌ", Kind.VOWEL, "hut"),
    AO("ɔ", Kind.VOWEL, "ought"),
    AW("aʊ", Kind.DIPHTHONG, "cow"),
    AY("aɪ", Kind.DIPHTHONG, "hide"),
    B("b", Kind.STOP, "be"),
    CH("tʃ", Kind.AFFRICATE, "cheese"),
    D("d", Kind.STOP, "dee"),
    DH("ð", Kind.FRICATIVE, "thee"),
    EH("ɛ", Kind.VOWEL, "bed"),
    ER("ɝ", Kind.VOWEL, "hurt"),
    EY("eɪ", Kind.DIPHTHONG, "ate"),
    F("f", Kind.FRICATIVE, "fee"),
    G("ɡ", Kind.STOP, "green"),
    HH("h", Kind.FRICATIVE, "he"),
    IH("ɪ", Kind.VOWEL, "it"),
    IY("i", Kind.VOWEL, "eat"),
    JH("dʒ", Kind.AFFRICATE, "gee"),
    K("k", Kind.STOP, "key"),
    L("l", Kind.GLIDE, "lee"),
    M("m", Kind.NASAL, "me"),
    N("n", Kind.NASAL, "knee"),
    NG("ŋ", Kind.NASAL, "ping"),
    OW("oʊ", Kind.DIPHTHONG, "oat"),
    OY("ɔɪ", Kind.DIPHTHONG, "toy"),
    P("p", Kind.STOP, "pea"),
    R("ɹ", Kind.GLIDE, "read"),
    S("s", Kind.FRICATIVE, "sea"),
    SH("ʃ", Kind.FRICATIVE, "she"),
    T("t", Kind.STOP, "tea"),
    TH("θ", Kind.FRICATIVE, "theta"),
    UH("ʊ", Kind.VOWEL, "hood"),
    UW("u", Kind.VOWEL, "two"),
    V("v", Kind.FRICATIVE, "vee"),
    W("w", Kind.GLIDE, "we"),
    Y("j", Kind.GLIDE, "yield"),
    Z("z", Kind.FRICATIVE, "zee"),
    ZH("ʒ", Kind.FRICATIVE, "seizure"),
    SIL("–", Kind.SILENCE, "silence");

    /** How a phone is made, as far as timing and movement care. */
    public enum Kind {
        VOWEL,
        DIPHTHONG,
        STOP,
        AFFRICATE,
        FRICATIVE,
        NASAL,
        GLIDE,
        SILENCE
    }

    private final String ipa;
    private final Kind kind;
    private final String example;

    Phone(String ipa, Kind kind, String example) {
        this.ipa = ipa;
        this.kind = kind;
        this.example = example;
    }

    /** The sign of the International Phonetic Alphabet. */
    public String ipa() {
        return ipa;
    }

    public Kind kind() {
        return kind;
    }

    /** A word in which it is heard, from the key of the CMU Pronouncing Dictionary. */
    public String example() {
        return example;
    }

    /** True for vowels and diphthongs: the middle of a syllable. */
    public boolean isVowel() {
        return kind == Kind.VOWEL || kind == Kind.DIPHTHONG;
    }

    /** True for stops and affricates: they begin with a closure, which is silent or nearly so. */
    public boolean closes() {
        return kind == Kind.STOP || kind == Kind.AFFRICATE;
    }

    /** Reads ARPABET in any case, with or without a stress digit; also the reduced vowels AX, AXR and IX. */
    public static Optional<Phone> parse(String text) {
        String name = text.strip().toUpperCase(Locale.ROOT);
        if (!name.isEmpty() && Character.isDigit(name.charAt(name.length() - 1))) {
            name = name.substring(0, name.length() - 1);
        }
        return switch (name) {
            case "AX" -> Optional.of(AH);
            case "AXR" -> Optional.of(ER);
            case "IX" -> Optional.of(IH);
            case "PAU", "H#", "SP", "<SIL>" -> Optional.of(SIL);
            default -> byName(name);
        };
    }

    private static Optional<Phone> byName(String name) {
        for (Phone phone : values()) {
            if (phone.name().equals(name)) {
                return Optional.of(phone);
            }
        }
        return Optional.empty();
    }
}
