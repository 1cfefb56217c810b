package graykite.studio.view;

import graykite.project.Project;
import java.util.ArrayList;
import java.util.List;

/** Which rows of the table of lines are shown. */
sealed interface LineFilter {
    boolean keeps(LineEntry entry);

    record All() implements LineFilter {
        @Override
        public boolean keeps(LineEntry entry) {
            return true;
        }

        @Override
        public String toString() {
            return "All";
        }
    }

    record ToRead() implements LineFilter {
        @Override
        public boolean keeps(LineEntry entry) {
            return !entry.scene() && !entry.read();
        }

        @Override
        public String toString() {
            return "To read";
        }
    }

    record Doubtful() implements LineFilter {
        @Override
        public boolean keeps(LineEntry entry) {
            return entry.doubts() > 0;
        }

        @Override
        public String toString() {
            return "Doubtful";
        }
    }

    record Failed() implements LineFilter {
        @Override
        public boolean keeps(LineEntry entry) {
            return !entry.problem().isEmpty();
        }

        @Override
        public String toString() {
            return "With a problem";
        }
    }

    record Scenes() implements LineFilter {
        @Override
        public boolean keeps(LineEntry entry) {
            return entry.scene();
        }

        @Override
        public String toString() {
            return "Scenes";
        }
    }

    record SpokenBy(String member, String name) implements LineFilter {
        @Override
        public boolean keeps(LineEntry entry) {
            return entry.speaker().equals(member);
        }

        @Override
        public String toString() {
            return "Said by " + name;
        }
    }

    /** What a project can be narrowed to. */
    static List<LineFilter> of(Project project) {
        List<LineFilter> all =
                new ArrayList<>(List.of(new All(), new ToRead(), new Doubtful(), new Failed(), new Scenes()));
        project.cast().forEach(m -> all.add(new SpokenBy(m.id(), m.name())));
        return all;
    }
}
