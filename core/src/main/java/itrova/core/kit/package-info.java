/**
 * What is offered: kits and the figures their papers state.
 *
 * <p>A figure carries the tolerance its papers give; where they give none, the shop's default class is assumed and said.
 * Lengths in mm, loads in kg, torques in N·m, prices in cents.
 */
@NullMarked
package itrova.core.kit;

import org.jspecify.annotations.NullMarked;
