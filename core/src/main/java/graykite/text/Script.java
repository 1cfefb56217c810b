package graykite.text;

import static graykite.base.Require.requireThat;

import graykite.base.BadInput;
import graykite.time.TimeRange;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/**
 * The words of a line as written, each with the plain words that are spoken for it: "21" is spoken "twenty one".
 *
 * @param text what the user wrote
 * @param words in order; marks of punctuation, and tags as in [sigh], belong to the word before them
 * @param sections words of which the text says when they are spoken ({@link TimeLine}), in order
 */
public record Script(String text, List<Word> words, List<Section> sections) {
    private static final int MOST_WORDS = 100_000;
    private static final int LONGEST_WORD = 200;

    /**
     * A written word.
     *
     * @param written as shown, without the punctuation around it
     * @param spoken one or more plain words: lower case letters and apostrophes
     * @param mark the punctuation that follows, empty when there is none
     */
    public record Word(String written, List<String> spoken, String mark) {
        public Word {
            spoken = List.copyOf(spoken);
            requireThat(!spoken.isEmpty(), "A word is spoken as something.");
        }
    }

    /**
     * Some words that are spoken in a stretch of time.
     *
     * @param first index of the first
     * @param end index after the last
     * @param time where in the recording they are to be found, as well as whoever wrote it knew
     */
    public record Section(int first, int end, TimeRange time) {}

    public Script {
        words = List.copyOf(words);
        sections = List.copyOf(sections);
    }

    /**
     * Takes text as people write it.
     *
     * @throws BadInput when there are more than 100,000 words or one has over 200 letters
     */
    public static Script of(String text) {
        List<Word> words = new ArrayList<>();
        List<Section> sections = new ArrayList<>();
        StringBuilder tags = new StringBuilder();
        for (TimeLine.Block block : TimeLine.blocks(text)) {
            int first = words.size();
            take(block.text(), words, tags);
            if (words.size() > first) {
                block.time().ifPresent(time -> sections.add(new Section(first, words.size(), time)));
            }
        }
        if (!tags.isEmpty() && !words.isEmpty()) {
            Word word = words.getFirst();
            words.set(0, new Word(word.written(), word.spoken(), tags + Tags.BEFORE + word.mark()));
        }
        return new Script(text, words, sections);
    }

    /** Adds what a part of the text holds; tags before the very first word are kept apart. */
    private static void take(String text, List<Word> words, StringBuilder tags) {
        String clean = Spaceless.spaced(Tags.setApart(text))
                .replace('\u2019', '\'')
                .replace('\u2018', '\'')
                .replace('\u02BC', '\'');
        clean = clean.replaceAll("[\\u2013\\u2014\\u2026]|\\.\\.\\.|--", " $0 ");
        for (String token : clean.split("[\\s\\p{Zs}\uFEFF]+")) {
            if (token.isEmpty()) {
                continue;
            }
            if (token.length() > LONGEST_WORD) {
                throw new BadInput("The script holds a word of " + token.length() + " letters (\""
                        + token.substring(0, 20) + "…\"). Put spaces between its words.");
            }
            if (Tags.isTag(token) && words.isEmpty()) {
                tags.append(token);
            } else if (Tags.isTag(token)) {
                mark(token, words);
            } else {
                add(token, words);
            }
            if (words.size() > MOST_WORDS) {
                throw new BadInput("The script has more than 100,000 words. Split the line into several.");
            }
        }
    }

    private static void add(String token, List<Word> words) {
        int from = 0;
        int to = token.length();
        boolean keepDot = Spelling.isAbbreviation(token);
        while (from < to && !startsWord(token.charAt(from))) {
            from++;
        }
        while (to > from && !endsWord(token.charAt(to - 1), keepDot)) {
            to--;
        }
        if (from > 0 && token.charAt(from - 1) == '\'' && Spelling.losesItsStart(token.substring(from, to))) {
            from--;
        }
        String core = token.substring(from, to);
        String mark = token.substring(to);
        List<String> spoken = core.isEmpty() ? List.of() : Spelling.spoken(core);
        if (!spoken.isEmpty()) {
            words.add(new Word(core, spoken, mark));
        } else if (!words.isEmpty()) {
            mark(token, words);
        }
    }

    private static void mark(String token, List<Word> words) {
        Word last = words.removeLast();
        words.add(new Word(last.written(), last.spoken(), last.mark() + token));
    }

    private static boolean startsWord(char c) {
        return Character.isLetterOrDigit(c) || c == '$' || c == '£' || c == '€' || c == '&' || c == '+';
    }

    private static boolean endsWord(char c, boolean keepDot) {
        return Character.isLetterOrDigit(c) || c == '%' || c == '&' || c == '°' || (keepDot && c == '.');
    }

    /** The plain spoken words, joined by blanks. */
    public String spokenText() {
        return words.stream().flatMap(w -> w.spoken().stream()).collect(Collectors.joining(" "));
    }

    /** The words as written, without their marks. */
    public List<String> written() {
        return words.stream().map(Word::written).toList();
    }

    public boolean isEmpty() {
        return words.isEmpty();
    }
}
