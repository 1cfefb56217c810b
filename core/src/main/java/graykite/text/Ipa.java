package graykite.text;

import graykite.base.BadInput;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Reads the International Phonetic Alphabet. Sounds that English lacks become the nearest that the acoustic model and the mouth
 * know: first by place and lips, then by manner (common practice of accent adaptation; the table is ours).
 */
public final class Ipa {
    private static final Map<String, List<Phone>> SOUNDS = sounds();
    private static final int LONGEST_SIGN = 3;

    private Ipa() {}

    /**
     * @param text signs; stress, length, ties, syllable dots and blanks are passed over
     * @throws BadInput at the first sign that is not known
     */
    public static Pronunciation read(String text) {
        String plain = Normalizer.normalize(text, Normalizer.Form.NFD)
                .replaceAll("[ˈˌː̩̯͜͡ˑ.\\s'̪̥̬̆̃ʰʲˠˤᵝ̝̞̟̠̈̊̚-]", "")
                .replace('g', 'ɡ')
                .replace("ɚ", "ɝ");
        List<Phone> phones = new ArrayList<>();
        int at = 0;
        while (at < plain.length()) {
            int length = Math.min(LONGEST_SIGN, plain.length() - at);
            while (length > 0 && !SOUNDS.containsKey(plain.substring(at, at + length))) {
                length--;
            }
            if (length == 0) {
                throw new BadInput(
                        "\"" + plain.substring(at, plain.offsetByCodePoints(at, 1)) + "\" in \"" + text
                                + "\" is no sign of the phonetic alphabet that Gray Kite knows. Choose the sound from the picker.");
            }
            phones.addAll(SOUNDS.get(plain.substring(at, at + length)));
            at += length;
        }
        if (phones.isEmpty()) {
            throw new BadInput("There is no sound in \"" + text + "\".");
        }
        return new Pronunciation(phones);
    }

    private static Map<String, List<Phone>> sounds() {
        Map<String, List<Phone>> all = new LinkedHashMap<>();
        for (Phone phone : Phone.values()) {
            if (phone != Phone.SIL) {
                all.put(phone.ipa(), List.of(phone));
            }
        }
        put(all, Phone.AH, "ə", "ɐ", "ɘ", "ɤ");
        put(all, Phone.ER, "ɝ", "ɜ", "ɹ̩", "əɹ", "ɜɹ");
        put(all, Phone.AA, "ɑ", "a", "ɒ");
        put(all, Phone.AO, "ɔ");
        put(all, Phone.OW, "o", "oʊ", "əʊ");
        put(all, Phone.EY, "e", "eɪ", "ɛɪ");
        put(all, Phone.EH, "ɛ");
        put(all, Phone.AE, "æ");
        put(all, Phone.IH, "ɪ", "ɨ");
        put(all, Phone.IY, "i");
        put(all, Phone.UH, "ʊ", "ɵ");
        put(all, Phone.UW, "u", "ʉ", "ɯ", "y", "ʏ");
        put(all, Phone.ER, "ø", "œ");
        put(all, Phone.AY, "aɪ", "ai", "aj");
        put(all, Phone.AW, "aʊ", "au", "aw", "ʌʊ", "ɑʊ");
        put(all, Phone.OY, "ɔɪ", "oi", "ɔʏ", "ɔø");
        put(all, Phone.R, "r", "ɾ", "ɹ", "ɻ", "ʀ", "ʁ", "ɽ");
        put(all, Phone.L, "l", "ɫ", "ɭ", "ʟ");
        put(all, Phone.HH, "h", "ɦ", "x", "χ", "ħ", "ç", "ɣ");
        put(all, Phone.K, "k", "q", "c");
        put(all, Phone.G, "ɡ", "ɢ", "ɟ");
        put(all, Phone.T, "t", "ʈ", "ʔ");
        put(all, Phone.D, "d", "ɖ");
        put(all, Phone.N, "n", "ɳ");
        put(all, Phone.NG, "ŋ", "ɴ");
        put(all, Phone.M, "m", "ɱ");
        put(all, Phone.V, "v", "β", "ʋ");
        put(all, Phone.F, "f", "ɸ");
        put(all, Phone.S, "s", "ɕ");
        put(all, Phone.Z, "z", "ʑ");
        put(all, Phone.SH, "ʃ", "ʂ", "ɧ");
        put(all, Phone.ZH, "ʒ", "ʐ");
        put(all, Phone.Y, "j", "ʝ");
        put(all, Phone.W, "w", "ɥ", "ʍ");
        put(all, Phone.CH, "tʃ", "ʧ", "tɕ");
        put(all, Phone.JH, "dʒ", "ʤ", "dʑ");
        all.put("ɲ", List.of(Phone.N, Phone.Y));
        all.put("ʎ", List.of(Phone.L, Phone.Y));
        all.put("ts", List.of(Phone.T, Phone.S));
        all.put("dz", List.of(Phone.D, Phone.Z));
        all.put("pf", List.of(Phone.P, Phone.F));
        return Map.copyOf(all);
    }

    private static void put(Map<String, List<Phone>> all, Phone phone, String... signs) {
        for (String sign : signs) {
            all.put(Normalizer.normalize(sign, Normalizer.Form.NFD), List.of(phone));
        }
    }
}
