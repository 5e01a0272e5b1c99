/**
 * Units, shop notation and values with doubt.
 *
 * <p>Text from the bench goes in; SI values (mm, kg, N·m, MPa) with their components of uncertainty come out. A value
 * keeps its components apart by source, because an instrument's error is one input shared by all of its readings: it
 * cancels in differences and adds in sums. A plain "value and u" pair cannot express that.
 */
@NullMarked
package itrova.core.quantity;

import org.jspecify.annotations.NullMarked;
