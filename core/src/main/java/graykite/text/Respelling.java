package graykite.text;

import graykite.base.BadInput;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Understands how a user says that a word is spoken: in plain words ("bow sun"), in ARPABET ("B OW S AH N"), or in IPA between
 * slashes ("/boʊsʌn/").
 */
public final class Respelling {
    private static final int LONGEST = 200;

    private final Pronouncer pronouncer;

    public Respelling(Pronouncer pronouncer) {
        this.pronouncer = pronouncer;
    }

    /**
     * @param text what was typed
     * @return the ways in which it can be said, the usual one first
     * @throws BadInput when it stands for no sound
     */
    public List<Pronunciation> read(String text) {
        String plain = text.strip();
        if (plain.length() > LONGEST) {
            throw new BadInput("A respelling of " + plain.length() + " letters is too long. Use one word at a time.");
        }
        if (plain.startsWith("/") && plain.endsWith("/") && plain.length() > 2) {
            return List.of(Ipa.read(plain.substring(1, plain.length() - 1)));
        }
        List<Pronunciation> ways = arpabet(plain).map(List::of).orElseGet(() -> words(plain));
        if (ways.isEmpty()) {
            throw new BadInput("\"" + text + "\" says nothing. Type plain words that sound like it, for example"
                    + " \"bow sun\", or IPA between slashes.");
        }
        return ways;
    }

    /** Phones written in capitals and separated by blanks; a single capital letter is rather a word. */
    private static Optional<Pronunciation> arpabet(String text) {
        String[] parts = text.split("\\s+");
        if (parts.length < 2 || !text.equals(text.toUpperCase(Locale.ROOT))) {
            return Optional.empty();
        }
        List<Phone> phones = new ArrayList<>();
        for (String part : parts) {
            Optional<Phone> phone = Phone.parse(part).filter(p -> p != Phone.SIL);
            if (phone.isEmpty()) {
                return Optional.empty();
            }
            phones.add(phone.get());
        }
        return Optional.of(new Pronunciation(phones));
    }

    private List<Pronunciation> words(String text) {
        List<Pronunciation> ways = List.of();
        for (Script.Word word : Script.of(text.replace('-', ' ')).words()) {
            for (String spoken : word.spoken()) {
                ways = Pronouncer.combine(ways, pronouncer.ways(spoken));
            }
        }
        return ways;
    }
}
