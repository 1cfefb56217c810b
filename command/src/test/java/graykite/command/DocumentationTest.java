package graykite.command;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import picocli.CommandLine;

/** What README and docs tell people to type exists, and what they link to is there. */
class DocumentationTest {
    private static final Path ROOT = Path.of("").toAbsolutePath().getParent();
    private static final Pattern COMMAND = Pattern.compile("(?m)(?:^ {4}|`)\\./kite ([^`\\n]+)");
    private static final Pattern LINK = Pattern.compile("]\\(([^)#]+)(?:#[^)]*)?\\)");
    private static final Pattern WORD = Pattern.compile("\"([^\"]*)\"|(\\S+)");
    /** What the launcher does by itself. */
    private static final Set<String> LAUNCHER =
            Set.of("demo", "studio", "test", "shots", "bench", "package", "doctor", "robot");

    private static List<Path> pages() throws IOException {
        List<Path> pages = new ArrayList<>(List.of(ROOT.resolve("README.md")));
        try (Stream<Path> docs = Files.walk(ROOT.resolve("docs"))) {
            docs.filter(p -> p.toString().endsWith(".md")).sorted().forEach(pages::add);
        }
        return pages;
    }

    /** The words of a command as they are typed, without what is said about it behind two blanks or a sign. */
    private static List<String> typed(String line) {
        String command = line.split(" {3,}| {2,}\\(| +# ")[0];
        List<String> words = new ArrayList<>();
        Matcher word = WORD.matcher(command);
        while (word.find()) {
            words.add(word.group(1) == null ? word.group(2) : word.group(1));
        }
        return words;
    }

    @Test
    void everyCommandThatIsShownExists() throws IOException {
        CommandLine line = new CommandLine(new Main());
        int shown = 0;
        List<String> wrong = new ArrayList<>();
        for (Path page : pages()) {
            Matcher command = COMMAND.matcher(Files.readString(page));
            while (command.find()) {
                List<String> words = typed(command.group(1));
                if (LAUNCHER.contains(words.getFirst()) || words.getFirst().startsWith("-")) {
                    continue;
                }
                shown++;
                String place = page.getFileName() + ": ./kite " + command.group(1);
                if (!line.getSubcommands().containsKey(words.getFirst())) {
                    wrong.add(place);
                    continue;
                }
                try {
                    line.parseArgs(words.toArray(String[]::new));
                } catch (CommandLine.UnmatchedArgumentException unknown) {
                    wrong.add(place + " (" + unknown.getMessage() + ")");
                } catch (CommandLine.ParameterException incomplete) {
                    // In running text a command may be shown without what it needs besides.
                    assertTrue(incomplete.getMessage() != null, place);
                }
            }
        }
        assertTrue(shown > 40, shown + " commands are shown");
        assertEquals(List.of(), wrong);
    }

    @Test
    void everyLinkLeadsSomewhere() throws IOException {
        List<String> dead = new ArrayList<>();
        int links = 0;
        for (Path page : pages()) {
            Matcher link = LINK.matcher(Files.readString(page));
            while (link.find()) {
                String to = link.group(1);
                if (!to.startsWith("http")) {
                    links++;
                    if (!Files.exists(page.resolveSibling(to))) {
                        dead.add(page.getFileName() + ": " + to);
                    }
                }
            }
        }
        assertTrue(links > 60, links + " links");
        assertEquals(List.of(), dead);
    }
}
