package graykite.batch;

import graykite.base.BadInput;
import graykite.delivery.Kind;
import graykite.delivery.Order;
import graykite.format.DictionFiles;
import graykite.format.ScriptFiles;
import graykite.mouth.Diction;
import graykite.mouth.MotionStyle;
import graykite.mouth.MouthSettings;
import graykite.mouth.MouthWork;
import graykite.project.Voice;
import graykite.text.Language;
import graykite.text.LanguageGuess;
import graykite.text.Script;
import graykite.time.FrameRate;
import graykite.time.TimeMap;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;

/**
 * A row with all its cells understood.
 *
 * @param audio the recording
 * @param words what is said; nothing when it is read by the sound alone
 * @param character a name of ours or a file
 * @param voice how the recording is used
 * @param mouth how it is spoken
 * @param seed of blinks, eyes and head
 * @param edits a file of edits; nothing for none
 * @param order how it is delivered
 */
record BatchLine(
        Path audio,
        Optional<String> words,
        String character,
        Voice voice,
        MouthWork mouth,
        long seed,
        Optional<Path> edits,
        Order order) {

    /** @throws BadInput with the row and the column of the first mistake */
    static BatchLine of(BatchRow row, BatchTable table, BatchSettings settings) {
        row.takenBy().ifPresent(other -> {
            throw row.mistake("out", "row " + other + " is written as \"" + row.out() + "\" already.");
        });
        Path audio = file(row, table, "audio").orElseThrow(() -> row.mistake("audio", "is empty."));
        FrameRate rate = cell(row, "fps", FrameRate::parse)
                .or(() -> settings.order().rate())
                .orElse(FrameRate.THIRTY);
        Order order = settings.order().withRate(Optional.of(rate));
        Order whole = order;
        order = cell(row, "format", text -> whole.withKinds(Kind.parseAll(text)))
                .orElse(order);
        Order sized = order;
        order = cell(row, "size", text -> sized.withPictures(sized.pictures().sized(text)))
                .orElse(order);
        Order seen = order;
        order = cell(row, "view", text -> seen.withPictures(seen.pictures().seen(List.of(text))))
                .orElse(order);
        Optional<String> words = words(row, table, audio);
        return new BatchLine(
                audio,
                words,
                row.cell("character").orElse(settings.character()),
                voice(row, settings, words),
                MouthWork.of(mouth(row, table)),
                cell(row, "seed", Long::parseLong).orElse(1L),
                file(row, table, "edits"),
                order);
    }

    /** A cell that is understood; what is wrong with it is said with its place. */
    private static <T> Optional<T> cell(BatchRow row, String column, Function<String, T> understood) {
        return row.cell(column).map(text -> {
            try {
                return understood.apply(text);
            } catch (NumberFormatException broken) {
                throw row.mistake(column, "\"" + text + "\" is no number.");
            } catch (BadInput | IllegalArgumentException mistake) {
                throw row.mistake(column, mistake.getMessage());
            }
        });
    }

    private static Optional<Path> file(BatchRow row, BatchTable table, String column) {
        return row.cell(column).map(name -> {
            try {
                Path file = table.folder().resolve(name);
                if (!Files.isRegularFile(file)) {
                    throw row.mistake(column, "there is no file \"" + name + "\" beside the table.");
                }
                return file;
            } catch (InvalidPathException foreign) {
                throw row.mistake(column, "\"" + name + "\" is no name of a file.");
            }
        });
    }

    private static Optional<String> words(BatchRow row, BatchTable table, Path audio) {
        if (row.cell("text").isPresent() && row.cell("script").isPresent()) {
            throw row.mistake("text", "there is a script too. Give one of both.");
        }
        Optional<Path> script = file(row, table, "script");
        if (script.isEmpty() && row.cell("text").isEmpty()) {
            script = ScriptFiles.beside(audio);
        }
        return row.cell("text").or(script.isEmpty() ? Optional::empty : read(row, script.get()));
    }

    private static Supplier<Optional<String>> read(BatchRow row, Path script) {
        return () -> {
            try {
                return Optional.of(Script.of(ScriptFiles.read(script)).text());
            } catch (BadInput damaged) {
                throw row.mistake("script", damaged.getMessage());
            }
        };
    }

    private static Voice voice(BatchRow row, BatchSettings settings, Optional<String> words) {
        Language language = cell(
                        row,
                        "language",
                        text -> Language.parse(text)
                                .orElseThrow(
                                        () -> new BadInput("\"" + text + "\" is none of " + Language.codes() + ".")))
                .or(settings::language)
                .or(() -> words.flatMap(LanguageGuess.shipped()::of))
                .orElse(Language.ENGLISH);
        double gain = cell(row, "gain", Double::parseDouble).orElse(0.0);
        if (!(Math.abs(gain) <= Voice.MOST_GAIN)) {
            throw row.mistake("gain", "is -40 to 40 dB, not " + gain + ".");
        }
        Optional<Integer> channel = cell(row, "channel", text -> {
            int number = Integer.parseInt(text);
            if (number < 1 || number > 64) {
                throw new BadInput("channels are counted from 1.");
            }
            return number - 1;
        });
        return new Voice(gain, 0, channel, language, TimeMap.SAME);
    }

    private static MouthSettings mouth(BatchRow row, BatchTable table) {
        MouthSettings usual = MouthSettings.STANDARD;
        MouthSettings settings = cell(row, "diction", text -> usual.withDiction(diction(text, table)))
                .orElse(usual);
        MouthSettings spoken = settings;
        settings = cell(row, "strength", text -> spoken.withStrength(Double.parseDouble(text)))
                .orElse(settings);
        MouthSettings strong = settings;
        return cell(
                        row,
                        "motion",
                        text -> strong.withMotion(Optional.of(MotionStyle.parse(text)
                                .orElseThrow(() -> new BadInput("\"" + text + "\" is none of flowing, crisp, held.")))))
                .orElse(settings);
    }

    private static Diction diction(String text, BatchTable table) {
        Map<String, Diction> shipped = DictionFiles.shipped();
        if (shipped.containsKey(text)) {
            return shipped.get(text);
        }
        Path file = table.folder().resolve(text);
        if (!Files.isRegularFile(file)) {
            throw new BadInput("there is no diction \"" + text + "\". They are " + String.join(", ", shipped.keySet())
                    + ", or a file that ends in " + DictionFiles.EXTENSION + ".");
        }
        return DictionFiles.open(file);
    }
}
