package graykite.command;

import graykite.base.Progress;
import graykite.format.ProjectFiles;
import graykite.hearing.Reader;
import graykite.hearing.SimulatedVoice;
import graykite.media.WavFiles;
import graykite.project.Line;
import graykite.project.Project;
import graykite.project.SceneWork;
import graykite.project.SoundFile;
import graykite.sound.Sound;
import graykite.text.Script;
import java.io.ByteArrayOutputStream;
import java.nio.file.Path;
import java.util.List;

/** A small project: two read lines in a scene, and one without a recording. */
final class Ferry {
    private Ferry() {}

    static Path save(Path file) throws Exception {
        Reader reader = Reader.shipped();
        Project made = Project.empty()
                .withTitle("Ferry")
                .with(line(reader, "a", "Bell", "odile", "The fog bell rang."))
                .with(line(reader, "b", "Boat", "pim", "Boat ahead."))
                .with(Line.empty("c", "Unread"))
                .with(SceneWork.empty("s", "Quay")
                        .withBlocks(List.of(new SceneWork.Block("a", 0), new SceneWork.Block("b", 1))));
        ProjectFiles.save(made, file);
        return file;
    }

    private static Line line(Reader reader, String id, String title, String speaker, String words) throws Exception {
        Sound sound = SimulatedVoice.speak(words).sound();
        ByteArrayOutputStream wav = new ByteArrayOutputStream();
        WavFiles.write(sound, wav);
        return Line.empty(id, title)
                .withSpeaker(speaker)
                .withSound(new SoundFile(id + ".wav", wav.toByteArray()))
                .withScript(words)
                .withTiming(reader.read(sound, Script.of(words), Progress.none()));
    }
}
