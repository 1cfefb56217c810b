package graykite.studio;

import graykite.base.Aside;
import graykite.media.SoundReader;
import graykite.project.Project;
import graykite.studio.play.AudioOut;
import graykite.studio.play.DeviceOut;
import graykite.studio.play.SilentOut;
import graykite.workbench.Figures;
import java.util.concurrent.CompletableFuture;

/**
 * What can begin before there is a window: reading the character, looking for a sound device, loading FFmpeg.
 *
 * @param figures the cast, of which the first is being opened
 * @param out where sound goes; silent where there is no device
 */
record Preparations(Figures figures, CompletableFuture<AudioOut> out) {
    static Preparations begin() {
        CompletableFuture<AudioOut> out =
                Aside.ask(() -> DeviceOut.open().<AudioOut>map(device -> device).orElseGet(SilentOut::new));
        Thread.ofPlatform().daemon().name("kite-prepare").start(SoundReader::prepare);
        return new Preparations(cast(), out);
    }

    /** The cast, of which the first is opened at once: nearly always she is the one who is seen. */
    static Figures cast() {
        Figures figures = new Figures();
        Thread.ofPlatform()
                .daemon()
                .name("kite-figure")
                .start(() -> figures.deformer(figures.of(Project.OUR_CAST.getFirst())));
        return figures;
    }
}
