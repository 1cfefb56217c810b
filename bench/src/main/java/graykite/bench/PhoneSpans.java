package graykite.bench;

import graykite.reading.Timing;
import graykite.text.Phone;
import java.util.List;

/** Which phone is spoken when: the truth of a synthetic voice, or a reading. */
record PhoneSpans(List<Span> spans) {
    /** A phone from one time to, not including, another, in seconds. */
    record Span(Phone phone, double start, double end) {}

    static PhoneSpans of(SpokenSentence sentence) {
        return new PhoneSpans(sentence.phones().stream()
                .map(p -> new Span(p.phone(), p.start(), p.end()))
                .toList());
    }

    static PhoneSpans of(Timing reading) {
        return new PhoneSpans(reading.segments().stream()
                .map(s -> new Span(s.phone(), s.start(), s.end()))
                .toList());
    }

    /** The phone at a time; silence where there is none. */
    Phone at(double time) {
        return spans.stream()
                .filter(s -> s.start() <= time && time < s.end())
                .findFirst()
                .map(Span::phone)
                .orElse(Phone.SIL);
    }
}
