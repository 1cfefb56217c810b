package graykite.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Function;
import java.util.stream.Stream;

/** Finds the ways in which a written word may be said: from the project's own list, a dictionary, or its letters. */
public final class Pronouncer {
    private static final int MOST_WAYS = 12;
    /** Ways to say an unknown word that are offered to the sound. */
    private static final int GUESSES = 3;

    private final Lexicon lexicon;
    private final Function<String, List<Pronunciation>> letters;
    /** True for a language whose spelling tells its sounds: words are taken as written, accents and all. */
    private final boolean asWritten;

    private final Language language;
    private final Map<Phone, List<Phone>> alike;
    /** Made when the first figure is met: what it takes is large. */
    private final AtomicReference<SpokenFigures> figures = new AtomicReference<>();

    private Pronouncer(
            Lexicon lexicon,
            Function<String, List<Pronunciation>> letters,
            boolean asWritten,
            Language language,
            Map<Phone, List<Phone>> alike) {
        this.lexicon = lexicon;
        this.letters = letters;
        this.asWritten = asWritten;
        this.language = language;
        this.alike = alike;
    }

    /** English words. */
    public Pronouncer(Lexicon lexicon, LetterToSound letters) {
        this(lexicon, word -> letters.guesses(word, GUESSES), false, Language.ENGLISH, Map.of());
    }

    /** The English dictionary and letter-to-sound rules that ship with Gray Kite. */
    public static Pronouncer shipped() {
        return new Pronouncer(CmuDictionary.shipped(), LetterToSound.shipped());
    }

    /** What ships for a language: a dictionary for English, rules for languages of regular spelling. */
    public static Pronouncer of(Language language) {
        return language == Language.ENGLISH ? shipped() : ruled(LetterRules.shipped(language.code()), language);
    }

    private static Pronouncer ruled(LetterRules rules, Language language) {
        return new Pronouncer(
                CmuDictionary.empty(),
                word -> Initials.of(word, language)
                        .map(letters -> letters.stream().map(rules::guesses).reduce(List.of(), Pronouncer::combine))
                        .orElseGet(() -> rules.guesses(language.lowerCase(word))),
                true,
                language,
                rules.alike());
    }

    /** True for another language than that of the acoustic model: its words fit less well even where they are right. */
    public boolean isForeign() {
        return asWritten;
    }

    /** The phones of this language that may sound like others to who knows English alone. */
    public Map<Phone, List<Phone>> alike() {
        return alike;
    }

    /** @param own pronunciations of the project by plain word; they replace those of the dictionary */
    public WordChoice choice(Script.Word word, Map<String, Pronunciation> own) {
        if (SpokenFigures.concern(word.written())) {
            return figures(word, own);
        }
        if (asWritten) {
            String written = word.written().toLowerCase(Locale.ROOT);
            // Rules see the word as it is written, since small letters differ by language.
            List<Pronunciation> said =
                    own.containsKey(written) ? List.of(own.get(written)) : letters.apply(word.written());
            return new WordChoice(word, said, false);
        }
        return said(word, word.spoken(), own);
    }

    private WordChoice said(Script.Word word, List<String> plain, Map<String, Pronunciation> own) {
        List<Pronunciation> ways = List.of();
        boolean guessed = false;
        for (String spoken : plain) {
            List<Pronunciation> found = own.containsKey(spoken)
                    ? List.of(own.get(spoken))
                    : lexicon.pronunciations(spoken.toLowerCase(Locale.ROOT));
            if (found.isEmpty()) {
                found = formsOfOwn(spoken, own);
                if (found.isEmpty()) {
                    found = unknown(word.written(), spoken);
                    guessed = true;
                }
            }
            ways = combine(ways, found);
        }
        return new WordChoice(word, ways, guessed);
    }

    /** A word that nobody knows, by its letters; one of capitals may also be said letter by letter, and is where it can hardly be said otherwise. */
    private List<Pronunciation> unknown(String written, String spoken) {
        List<Pronunciation> asWord = guesses(spoken);
        if (!Initials.mayBe(written)) {
            return asWord;
        }
        List<Pronunciation> asLetters = spoken.chars()
                .mapToObj(letter -> lexicon.pronunciations(Character.toString(letter)))
                .reduce(List.of(), Pronouncer::combine);
        return Initials.of(written, language).isPresent()
                ? Stream.concat(asLetters.stream(), asWord.stream()).toList()
                : Stream.concat(asWord.stream(), asLetters.stream()).toList();
    }

    /** What the project itself says of a word; nothing where it has not been told. */
    private static List<Pronunciation> told(String word, Map<String, Pronunciation> own) {
        return own.containsKey(word) ? List.of(own.get(word)) : List.of();
    }

    /** Who told how a word is said has told it of its forms. */
    private static List<Pronunciation> formsOfOwn(String word, Map<String, Pronunciation> own) {
        return new WordForms(stem -> told(stem, own)).of(word);
    }

    /** Figures may be said in several ways; all of them are offered to the sound. */
    private WordChoice figures(Script.Word word, Map<String, Pronunciation> own) {
        if (own.containsKey(word.written())) {
            return new WordChoice(word, List.of(own.get(word.written())), false);
        }
        List<Pronunciation> all = new ArrayList<>();
        boolean guessed = false;
        for (List<String> way : figures().ways(word.written())) {
            if (asWritten) {
                List<Pronunciation> said = List.of();
                for (String plain : way) {
                    said = combine(said, asWritten(plain, own));
                }
                all.addAll(said);
            } else {
                WordChoice choice = said(word, way, own);
                // One way of each word is enough where there are so many ways of the number.
                all.addAll(choice.pronunciations()
                        .subList(0, Math.min(2, choice.pronunciations().size())));
                guessed |= choice.guessed();
            }
        }
        return new WordChoice(word, all.stream().distinct().limit(MOST_WAYS).toList(), guessed);
    }

    private SpokenFigures figures() {
        return figures.updateAndGet(made -> made == null ? SpokenFigures.of(language) : made);
    }

    private List<Pronunciation> asWritten(String word, Map<String, Pronunciation> own) {
        return own.containsKey(word) ? List.of(own.get(word)) : letters.apply(word);
    }

    /** The ways in which a dictionary says a plain word, or the likeliest ones by its letters, the best first. */
    public List<Pronunciation> ways(String plainWord) {
        List<Pronunciation> found = lexicon.pronunciations(plainWord.toLowerCase(Locale.ROOT));
        return found.isEmpty() ? guesses(plainWord) : found;
    }

    /** The same with the project's own way first, of the word or of one that it is a form of. */
    public List<Pronunciation> ways(String plainWord, Map<String, Pronunciation> own) {
        List<Pronunciation> forms = asWritten ? List.of() : formsOfOwn(plainWord, own);
        return Stream.of(told(plainWord, own), forms, ways(plainWord))
                .flatMap(List::stream)
                .distinct()
                .toList();
    }

    /** True when what is told of a plain word is told of another one too: it is the same, or a form of it. */
    public static boolean concerns(String told, String word) {
        Pronunciation any = new Pronunciation(List.of(Phone.AH));
        return told.equals(word) || !formsOfOwn(word, Map.of(told, any)).isEmpty();
    }

    /** Most forms of known words the letters tell as well; of the dictionary's words only the possessive is made here. */
    private List<Pronunciation> guesses(String word) {
        List<Pronunciation> possessive =
                word.endsWith("'s") ? new WordForms(lexicon::pronunciations).of(word) : List.of();
        return possessive.isEmpty() ? letters.apply(word) : possessive;
    }

    static List<Pronunciation> combine(List<Pronunciation> before, List<Pronunciation> after) {
        if (before.isEmpty()) {
            return after;
        }
        List<Pronunciation> all = new ArrayList<>();
        for (Pronunciation a : before) {
            for (Pronunciation b : after) {
                if (all.size() < MOST_WAYS) {
                    all.add(a.then(b));
                }
            }
        }
        return all;
    }

    /** Words of the dictionary that are spelt most like one, the nearest first. Takes a tenth of a second. */
    public List<String> near(String word, int most) {
        return new NearWords(lexicon.words()).to(word, most);
    }
}
