package graykite.studio;

import graykite.media.SoundReader;
import graykite.project.Line;
import graykite.project.Reference;
import graykite.sound.Sound;
import graykite.studio.model.StageSound;
import graykite.studio.model.Workspace;
import graykite.studio.play.Player;
import graykite.time.TimeRange;
import java.util.List;
import java.util.Optional;

/**
 * Gives the player what is heard: the voices, and with them the film's own sound where somebody wants to hear it. The film
 * is decoded once, in the background; until then, and when it has no sound, the voices are heard alone.
 */
final class ReferenceSound {
    private final Workspace workspace;
    private final Player player;
    /** The film that was decoded last, or failed to be; empty while it has no sound. */
    private Optional<Film> film = Optional.empty();

    private Optional<Mix> mix = Optional.empty();
    private StageSound loaded = StageSound.NONE;
    private String reading = "";

    private record Film(String path, Optional<Sound> sound) {}

    /** Voices and film as one. */
    private record Mix(Sound voices, Sound film, double begins, Sound both) {}

    ReferenceSound(Workspace workspace, Player player) {
        this.workspace = workspace;
        this.player = player;
        workspace.stageSound().addListener((o, b, n) -> follow());
        workspace.history().addListener((o, b, n) -> follow());
        workspace.lineId().addListener((o, b, n) -> follow());
    }

    private void follow() {
        StageSound stage = workspace.stageSound().get();
        stage.sound().ifPresent(voices -> {
            Sound heard = heard().flatMap(r -> sound(r).map(f -> mixed(voices, f, stage.lineStart() + r.offset())))
                    .orElse(voices);
            StageSound now = new StageSound(Optional.of(heard), stage.lineStart());
            if (!now.sameAs(loaded)) {
                loaded = now;
                player.load(heard, stage.lineStart());
            }
        });
    }

    private Optional<Reference> heard() {
        return workspace.line().flatMap(Line::reference).filter(Reference::heard);
    }

    /** The sound of a film when it is at hand; otherwise it is fetched. */
    private Optional<Sound> sound(Reference reference) {
        String path = reference.path();
        if (film.isPresent() && film.get().path.equals(path)) {
            return film.get().sound;
        }
        if (!reading.equals(path)) {
            reading = path;
            workspace
                    .jobs()
                    .start(
                            "Listening to " + reference.name(),
                            progress -> SoundReader.read(ReferenceStage.path(reference), progress),
                            sound -> keep(path, Optional.of(sound)),
                            () -> keep(path, Optional.empty()));
        }
        return Optional.empty();
    }

    private void keep(String path, Optional<Sound> sound) {
        reading = "";
        film = Optional.of(new Film(path, sound));
        follow();
    }

    private Sound mixed(Sound voices, Sound other, double begins) {
        if (mix.isEmpty() || mix.get().voices != voices || mix.get().film != other || mix.get().begins != begins) {
            mix = Optional.of(new Mix(voices, other, begins, mix(voices, other, begins)));
        }
        return mix.get().both;
    }

    /** Both at once, for as long as the voices last. @param begins when the other begins in the voices, in seconds */
    static Sound mix(Sound voices, Sound other, double begins) {
        Sound fitting = other.cut(new TimeRange(Math.max(0, -begins), Math.max(0, voices.duration() - begins)));
        return fitting.length() == 0
                ? voices
                : Sound.together(List.of(voices, fitting), List.of(0.0, Math.max(0, begins)))
                        .cut(new TimeRange(0, voices.duration()));
    }
}
