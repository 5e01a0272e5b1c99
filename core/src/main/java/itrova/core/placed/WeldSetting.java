package itrova.core.placed;

import itrova.core.kit.Kit;

/** Sets a weld-on bracket of which only the range of angles is known to the angle that serves a side best. */
@FunctionalInterface
public interface WeldSetting {
    /** The side's kit with its bracket set; unchanged where the angle is fixed or no range is stated. */
    Kit settled(KitOnSide side);
}
