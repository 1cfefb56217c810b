package graykite.studio;

import graykite.format.character.Cast;
import graykite.media.SoundReader;
import graykite.rig.Character;
import graykite.studio.play.AudioOut;
import graykite.studio.play.DeviceOut;
import graykite.studio.play.SilentOut;
import java.util.concurrent.CompletableFuture;

/**
 * What can begin before there is a window: reading the character, looking for a sound device, loading FFmpeg.
 *
 * @param character who speaks
 * @param out where sound goes; silent where there is no device
 */
record Preparations(CompletableFuture<Character> character, CompletableFuture<AudioOut> out) {
    static Preparations begin() {
        CompletableFuture<Character> character = CompletableFuture.supplyAsync(() -> Cast.byName("odile"));
        CompletableFuture<AudioOut> out = CompletableFuture.supplyAsync(
                () -> DeviceOut.open().<AudioOut>map(device -> device).orElseGet(SilentOut::new));
        Thread.ofPlatform().daemon().name("kite-prepare").start(SoundReader::prepare);
        return new Preparations(character, out);
    }
}
