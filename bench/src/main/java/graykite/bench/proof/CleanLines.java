package graykite.bench.proof;

import graykite.base.Progress;
import graykite.format.ProjectFiles;
import graykite.hearing.Reader;
import graykite.media.SoundReader;
import graykite.project.Line;
import graykite.project.Project;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.sound.Sound;
import graykite.text.Pronouncer;
import graykite.text.Script;
import graykite.time.FrameRate;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** Lines to plant faults in: those of the demo, which synthetic voices speak, and five that people speak (LibriVox). */
final class CleanLines {
    private static final String STEM = "sense_and_sensibility_01_austen_64kb-";

    /** The words of the sentences, as SOURCES.md beside the recordings has them. */
    private static final Map<String, String> PEOPLE = new TreeMap<>(Map.of(
            "0870",
            "And Mister John Dashwood had then leisure to consider, how much there might be prudently in his power to do for"
                    + " them.",
            "0880",
            "He was not an ill disposed young man.",
            "0890",
            "Unless to be rather cold hearted, and rather selfish, is to be ill disposed.",
            "0920",
            "Had he married a more amiable woman, he might have been made still more respectable than he was.",
            "0930",
            "He might even have been made amiable himself."));

    private CleanLines() {}

    /** All of them, and two long ones made of them. @param speech folder of the recordings of people */
    static List<Clean> all(Path speech) throws IOException {
        List<Clean> people = people(speech);
        List<Clean> demo = demo();
        List<Clean> all = new ArrayList<>(people);
        all.addAll(demo);
        all.add(Clean.joined("people, joined", people));
        all.add(Clean.joined("demo, joined", demo));
        return all;
    }

    private static List<Clean> people(Path speech) {
        Reader reader = Reader.of(Pronouncer.shipped());
        List<Clean> all = new ArrayList<>();
        int n = 0;
        for (Map.Entry<String, String> sentence : PEOPLE.entrySet()) {
            Sound sound = SoundReader.read(speech.resolve(STEM + sentence.getKey() + ".wav"), Progress.none());
            Timing timing = reader.read(sound, Script.of(sentence.getValue()), Progress.none());
            FrameRate rate = n % 2 == 0 ? FrameRate.FILM : FrameRate.THIRTY;
            all.add(Clean.of("people " + sentence.getKey(), n++ % 2 == 0 ? "odile" : "pim", sound, timing, rate));
        }
        return all;
    }

    /** Those of the demo that people speak; the gull has no mesh to measure. */
    private static List<Clean> demo() throws IOException {
        try (InputStream in = ProjectFiles.class.getResourceAsStream("/graykite/demo/demo.kite")) {
            Project demo = ProjectFiles.read(in, "demo.kite");
            List<Clean> all = new ArrayList<>();
            for (Line line : demo.lines()) {
                if (!line.speaker().equals("brine")) {
                    Sound sound = SoundReader.read(
                            line.sound().orElseThrow().content(),
                            line.sound().orElseThrow().name(),
                            Progress.none());
                    Timing known = line.timing().orElseThrow();
                    all.add(Clean.of(
                            "demo " + line.id(),
                            line.speaker(),
                            sound,
                            new Timing(
                                    known.words().stream()
                                            .map(w -> new TimedWord(w.text(), w.mark(), w.phones(), false, w.fit()))
                                            .toList(),
                                    known.duration()),
                            demo.rate()));
                }
            }
            return all;
        }
    }
}
