package graykite.hearing;

import graykite.reading.HeardPhone;
import graykite.text.Phone;
import graykite.text.WordChoice;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Everything that may be heard when a list of words is spoken in order: each word in any of its pronunciations, each
 * phone in the context of its neighbours across words as well, and between words an optional pause or a stretch of
 * sound that the script does not hold. Through such stretches, and only through them, a path may pass over words that were
 * not said.
 */
final class AlignmentGraph {
    /** A phone in one context, a pause, or a stretch that is not in the script ({@link HeardPhone#UNSCRIPTED}). */
    static final class Node {
        final int word;
        final int variant;
        final int index;
        final Phone phone;
        final int[] senones;
        /** The senones of the phone without context: they place boundaries better, and are averaged in. */
        final int[] plain;
        /** Those of other phones that this one may sound like. */
        final List<int[]> alike;
        /** Whether it begins with a closure that may last: that of a stop within its word, after a vowel. */
        final boolean closes;

        int[] next = new int[0];

        Node(
                int word,
                int variant,
                int index,
                Phone phone,
                int[] senones,
                int[] plain,
                List<int[]> alike,
                boolean closes) {
            this.word = word;
            this.variant = variant;
            this.index = index;
            this.phone = phone;
            this.senones = senones;
            this.plain = plain;
            this.alike = alike;
            this.closes = closes;
        }
    }

    /** A first or last phone of a word that waits for its neighbour. */
    private record Open(int node, Phone own, Phone wanted) {}

    final List<Node> nodes = new ArrayList<>();
    /** Nodes in which a reading may begin. */
    final List<Integer> entries = new ArrayList<>();
    /** True for nodes in which a reading may end. */
    boolean[] exits;

    /** How likely it is that one pauses between words, when all of them are said. */
    final Pauses pauses;

    private final SpeechModel model;
    private final List<WordChoice> words;
    private final Map<Phone, List<Phone>> alike;
    private final int silence;

    /** True when there is no way round a word and nothing but pauses between them. */
    final boolean strict;

    /**
     * @param alike phones of the words' language that may sound like others of the model's
     * @param strict whether every word must be heard, and nothing else
     */
    AlignmentGraph(SpeechModel model, List<WordChoice> words, Map<Phone, List<Phone>> alike, boolean strict) {
        this.alike = alike;
        this.strict = strict;
        this.model = model;
        this.words = words;
        this.pauses = new Pauses(words);
        this.silence = model.baseOf("SIL");
        build();
    }

    private void build() {
        List<Open> open = new ArrayList<>();
        int pause = pause();
        entries.add(pause);
        int other = other(0, pause);
        List<Integer> last = new ArrayList<>();
        for (int w = 0; w < words.size(); w++) {
            Set<Phone> before = w == 0 ? new LinkedHashSet<>() : lasts(words.get(w - 1));
            Set<Phone> after = w + 1 == words.size() ? new LinkedHashSet<>() : firsts(words.get(w + 1));
            before.add(Phone.SIL);
            after.add(Phone.SIL);
            List<Open> heads = new ArrayList<>();
            List<Open> tails = new ArrayList<>();
            for (int v = 0; v < words.get(w).pronunciations().size(); v++) {
                addVariant(w, v, before, after, heads, tails);
            }
            for (Open head : heads) {
                if (head.wanted == Phone.SIL) {
                    link(pause, head.node);
                    if (!strict) {
                        link(other, head.node);
                    }
                    if (w == 0) {
                        entries.add(head.node);
                    }
                }
                for (Open tail : open) {
                    if (tail.wanted == head.own && head.wanted == tail.own) {
                        link(tail.node, head.node);
                    }
                }
            }
            int passed = other;
            pause = pause();
            other = other(w + 1, pause);
            if (!strict) {
                link(passed, other);
            }
            last.clear();
            for (Open tail : tails) {
                if (tail.wanted == Phone.SIL) {
                    link(tail.node, pause);
                    if (!strict) {
                        link(tail.node, other);
                    }
                    last.add(tail.node);
                }
            }
            open = tails;
        }
        exits = new boolean[nodes.size()];
        exits[pause] = true;
        if (!strict) {
            entries.add(entries.getFirst() + 1);
            exits[other] = true;
        }
        last.forEach(node -> exits[node] = true);
    }

    private void addVariant(int w, int v, Set<Phone> before, Set<Phone> after, List<Open> heads, List<Open> tails) {
        List<Phone> phones = words.get(w).pronunciations().get(v).phones();
        int n = phones.size();
        if (n == 1) {
            for (Phone left : before) {
                for (Phone right : after) {
                    int node = add(w, v, 0, phones.getFirst(), left, right, 's');
                    heads.add(new Open(node, phones.getFirst(), left));
                    tails.add(new Open(node, phones.getFirst(), right));
                }
            }
            return;
        }
        List<Integer> previous = new ArrayList<>();
        for (Phone left : before) {
            int node = add(w, v, 0, phones.get(0), left, phones.get(1), 'b');
            heads.add(new Open(node, phones.get(0), left));
            previous.add(node);
        }
        for (int i = 1; i + 1 < n; i++) {
            int node = add(w, v, i, phones.get(i), phones.get(i - 1), phones.get(i + 1), 'i');
            previous.forEach(p -> link(p, node));
            previous = List.of(node);
        }
        for (Phone right : after) {
            int node = add(w, v, n - 1, phones.get(n - 1), phones.get(n - 2), right, 'e');
            previous.forEach(p -> link(p, node));
            tails.add(new Open(node, phones.get(n - 1), right));
        }
    }

    private int add(int word, int variant, int index, Phone phone, Phone left, Phone right, char position) {
        int[] senones = model.senones(
                model.baseOf(phone.name()), model.baseOf(left.name()), model.baseOf(right.name()), position);
        List<int[]> others = alike.getOrDefault(phone, List.of()).stream()
                .map(p -> model.plainSenones(model.baseOf(p.name())))
                .toList();
        nodes.add(new Node(
                word,
                variant,
                index,
                phone,
                senones,
                model.plainSenones(model.baseOf(phone.name())),
                others,
                phone.closes() && position == 'i' && left.isVowel()));
        return nodes.size() - 1;
    }

    /** What the script does not hold, in the gap before a word; from gap to gap it passes over a word that was not said. */
    private int other(int gap, int pause) {
        if (strict) {
            return pause;
        }
        nodes.add(new Node(HeardPhone.UNSCRIPTED, 0, gap, Phone.SIL, new int[0], new int[0], List.of(), false));
        int other = nodes.size() - 1;
        link(pause, other);
        link(other, pause);
        return other;
    }

    /** The senones of a pause. */
    int[] stillness() {
        return nodes.getFirst().plain;
    }

    private int pause() {
        nodes.add(new Node(
                HeardPhone.PAUSE,
                0,
                0,
                Phone.SIL,
                model.plainSenones(silence),
                model.plainSenones(silence),
                List.of(),
                false));
        return nodes.size() - 1;
    }

    private void link(int from, int to) {
        Node node = nodes.get(from);
        node.next = Arrays.copyOf(node.next, node.next.length + 1);
        node.next[node.next.length - 1] = to;
    }

    private static Set<Phone> firsts(WordChoice word) {
        Set<Phone> phones = new LinkedHashSet<>();
        word.pronunciations().forEach(p -> phones.add(p.phones().getFirst()));
        return phones;
    }

    private static Set<Phone> lasts(WordChoice word) {
        Set<Phone> phones = new LinkedHashSet<>();
        word.pronunciations().forEach(p -> phones.add(p.phones().getLast()));
        return phones;
    }
}
