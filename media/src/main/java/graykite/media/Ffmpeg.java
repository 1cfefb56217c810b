package graykite.media;

import org.bytedeco.ffmpeg.global.avutil;

/** What all uses of FFmpeg share. */
final class Ffmpeg {
    private Ffmpeg() {}

    /** FFmpeg reports through return values; its own log lines would only repeat them on the terminal. */
    static void quiet() {
        avutil.av_log_set_level(avutil.AV_LOG_QUIET);
    }
}
