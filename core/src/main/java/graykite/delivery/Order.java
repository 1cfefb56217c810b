package graykite.delivery;

import static graykite.base.Require.requireThat;

import graykite.picture.Lighting;
import graykite.time.FrameRate;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What is to be delivered and how: what presets keep.
 *
 * @param name what people call it
 * @param kinds at least one
 * @param rate frames a second; that of the project without it
 * @param span which frames
 * @param curves how curves and glTF are written
 * @param pictures how movies and pictures are drawn
 * @param names how files are called, see {@link NameTemplate}
 */
public record Order(
        String name,
        Set<Kind> kinds,
        Optional<FrameRate> rate,
        Span span,
        Curves curves,
        Pictures pictures,
        String names) {

    /**
     * How curves and glTF are written.
     *
     * @param thinning largest error that thinned keys of glTF may have, as a share of a channel's range (of 1 for weights, 90
     *     degrees for turns, 10 mm for slides); 0 for a key every frame
     * @param channels names of channels, or regions such as "lips"; empty for all
     * @param figure true to put the character into glTF, false for its animation alone
     * @param compact true to write glTF small, with whole numbers that its readers have to know
     */
    public record Curves(double thinning, List<String> channels, boolean figure, boolean compact) {
        public static final Curves BAKED = new Curves(0, List.of(), true, false);

        public Curves {
            channels = List.copyOf(channels);
            requireThat(thinning >= 0 && thinning <= 0.25, "The error of thinned keys is 0 to 0.25, not %s.", thinning);
        }

        public Curves thinned(double error) {
            return new Curves(error, channels, figure, compact);
        }

        public Curves only(List<String> some) {
            return new Curves(thinning, some, figure, compact);
        }

        public Curves withFigure(boolean wanted) {
            return new Curves(thinning, channels, wanted, compact);
        }

        public Curves compact(boolean wanted) {
            return new Curves(thinning, channels, figure, wanted);
        }
    }

    /**
     * How movies and pictures are drawn.
     *
     * @param width pixels, even
     * @param height pixels, even
     * @param views names of views, at least one: front, three-quarter, profile, mouth, stage, or one that the project keeps
     * @param behind what is seen behind everybody; nothing for transparent where the format can be
     * @param light how everybody is lit; empty for as on the stage
     * @param deep true for 16 bits a colour where the format has them
     */
    public record Pictures(
            int width, int height, List<String> views, Behind behind, Optional<Lighting> light, boolean deep) {
        public static final int SMALLEST = 64;
        public static final int LARGEST = 4096;
        public static final Pictures STANDARD =
                new Pictures(720, 720, List.of("front"), Behind.STAGE, Optional.empty(), false);

        public Pictures {
            views = List.copyOf(views);
            requireThat(
                    width >= SMALLEST && width <= LARGEST && height >= SMALLEST && height <= LARGEST,
                    "Pictures are %d to %d pixels wide and high, not %d x %d.",
                    SMALLEST,
                    LARGEST,
                    width,
                    height);
            requireThat(width % 2 == 0 && height % 2 == 0, "Width and height are even, not %d x %d.", width, height);
            requireThat(!views.isEmpty(), "Pictures show at least one view.");
        }

        /**
         * With another size: "720" or "1920x1080".
         *
         * @throws IllegalArgumentException when it is no size
         */
        public Pictures sized(String text) {
            String[] sides = text.strip().split("[xX\u00d7]", -1);
            try {
                int wide = Integer.parseInt(sides[0].strip());
                int high = sides.length == 1 ? wide : Integer.parseInt(sides[1].strip());
                requireThat(sides.length <= 2, "\"%s\" is no size. Write for example 720 or 1920x1080.", text);
                return new Pictures(wide, high, views, behind, light, deep);
            } catch (NumberFormatException broken) {
                throw new IllegalArgumentException(
                        "\"" + text + "\" is no size. Write for example 720 or 1920x1080.", broken);
            }
        }

        /** As {@link #sized} reads it. */
        public String size() {
            return width == height ? Integer.toString(width) : width + "x" + height;
        }

        public Pictures seen(List<String> newViews) {
            return new Pictures(width, height, newViews, behind, light, deep);
        }

        public Pictures lit(Optional<Lighting> newLight) {
            return new Pictures(width, height, views, behind, newLight, deep);
        }

        public Pictures before(Behind newBehind) {
            return new Pictures(width, height, views, newBehind, light, deep);
        }

        public Pictures deep(boolean isDeep) {
            return new Pictures(width, height, views, behind, light, isDeep);
        }
    }

    public Order {
        requireThat(!kinds.isEmpty(), "Choose at least one format to deliver.");
        kinds = Collections.unmodifiableSet(EnumSet.copyOf(kinds));
        NameTemplate.check(names);
    }

    /** Some kinds, all else as usual. */
    public static Order of(Kind first, Kind... more) {
        return new Order(
                "",
                EnumSet.of(first, more),
                Optional.empty(),
                Span.WHOLE,
                Curves.BAKED,
                Pictures.STANDARD,
                NameTemplate.USUAL);
    }

    public Order named(String newName) {
        return new Order(newName, kinds, rate, span, curves, pictures, names);
    }

    public Order withKinds(Set<Kind> newKinds) {
        return new Order(name, newKinds, rate, span, curves, pictures, names);
    }

    public Order withRate(Optional<FrameRate> newRate) {
        return new Order(name, kinds, newRate, span, curves, pictures, names);
    }

    public Order withSpan(Span newSpan) {
        return new Order(name, kinds, rate, newSpan, curves, pictures, names);
    }

    public Order withCurves(Curves newCurves) {
        return new Order(name, kinds, rate, span, newCurves, pictures, names);
    }

    public Order withPictures(Pictures newPictures) {
        return new Order(name, kinds, rate, span, curves, newPictures, names);
    }

    public Order withNames(String template) {
        return new Order(name, kinds, rate, span, curves, pictures, template);
    }
}
