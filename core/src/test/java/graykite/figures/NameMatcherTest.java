package graykite.figures;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.rig.Channel;
import graykite.rig.Roles;
import graykite.rig.Sides;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Spellings of shapes as people write them (common practice), and FACS numbers (Ekman, Friesen & Hager 2002). */
class NameMatcherTest {
    @ParameterizedTest
    @CsvSource({
        "jawOpen,jawDrop",
        "Jaw_Open,jawDrop",
        "mouth-open,jawDrop",
        "blendShape1.JawDrop,jawDrop",
        "AU26,jawDrop",
        "AU 12 Left,lipCornerPuller.L",
        "au_12_r,lipCornerPuller.R",
        "smile_L,lipCornerPuller.L",
        "mouthSmileRight,lipCornerPuller.R",
        "L_frown,lipCornerDepressor.L",
        "head_blink_R,lidClose.R",
        "EyeBlinkLeft,lidClose.L",
        "eyes closed,lidClose",
        "brow_down_lft,browLowerer.L",
        "Brow.Inner.Up.R,innerBrowRaiser.R",
        "BROW_OUTER_UP_L,outerBrowRaiser.L",
        "eyebrowRaiseLeft,outerBrowRaiser.L",
        "AU4,browLowerer",
        "mouthPucker,lipPucker",
        "kiss,lipPucker",
        "mouth_funnel,lipFunneler",
        "cheekPuff,cheekPuff",
        "nose_sneer_left,noseWrinkler.L",
        "squint_R,lidTightener.R",
        "lower_lip_down,lowerLipDepressor",
        "upperLipRaiser.L,upperLipRaiser.L",
        "chinRaise,chinRaiser"
    })
    void actions(String channel, String role) {
        Match match = NameMatcher.match(channel).orElseThrow();
        assertEquals(role, match.target());
        assertTrue(match.certainty() >= Match.SURE, channel + " " + match.certainty());
    }

    @ParameterizedTest
    @CsvSource({
        "v_aa,Ah",
        "viseme_PP,Lips shut",
        "MBP,Lips shut",
        "phoneme_FV,Lip to teeth",
        "vis_th,Tongue out",
        "Vis DD,Tip",
        "v_kk,Back",
        "mouth_CH,Hush",
        "v_ss,Hiss",
        "v_nn,Ridge",
        "viseme_rr,R",
        "phoneme-ee,Ih",
        "v_oh,Oh",
        "say_OO,Oo",
        "vis_R,R",
        "Lip to teeth,Lip to teeth",
        "rest,Rest"
    })
    void sounds(String channel, String viseme) {
        Match match = NameMatcher.match(channel).orElseThrow();
        assertTrue(match.viseme(), channel + " -> " + match.target());
        assertEquals(viseme, match.target());
    }

    @ParameterizedTest
    @CsvSource({"weird thing 7", "corr_38", "hairWind", "Belt", "AU99"})
    void nothingIsBetterThanAWrongGuess(String channel) {
        assertTrue(NameMatcher.match(channel).isEmpty(), channel);
    }

    /** Every role of ours is recognised by its own name, as certain. */
    @Test
    void ownNames() {
        for (String role : Roles.all()) {
            if (!Roles.turns(role) && Roles.group(role) != Channel.Group.BODY) {
                Match match = NameMatcher.match(role).orElseThrow(() -> new AssertionError(role));
                assertEquals(role, match.target());
                assertEquals(1, match.certainty());
            }
        }
    }

    @ParameterizedTest
    @CsvSource({
        "smile_L,smile_R",
        "LeftEye,RightEye",
        "blink.R,blink.L",
        "brow_lft,brow_rgt",
        "jawOpen,jawOpen",
        "L_brow,R_brow",
        "AU20L,AU20R"
    })
    void sides(String name, String other) {
        assertEquals(other, Sides.other(name));
        assertEquals(name, Sides.other(other));
    }

    @ParameterizedTest
    @CsvSource({
        "head_joint,HEAD",
        "Neck1,NECK",
        "jaw_ctrl,JAW",
        "eye.L,EYE",
        "LeftEyeball,EYE",
        "upperLid_R,LID",
        "spine_03,BODY",
        "Chest,BODY",
        "hips,OTHER",
        "head_end,OTHER"
    })
    void joints(String name, NameMatcher.JointKind kind) {
        assertEquals(kind, NameMatcher.joint(name));
    }
}
