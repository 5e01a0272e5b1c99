package itrova.server.store;

import itrova.core.quantity.UnitSystem;

/**
 * A person of the shop.
 *
 * @param id key
 * @param login sign-in name
 * @param name name shown
 * @param role what they may do
 * @param unitSystem units they read and write in
 * @param isRetired whether they have left: they stay in the record and cannot sign in
 * @param version changes with every change of name, role or retirement
 */
public record Person(
        long id, String login, String name, Role role, UnitSystem unitSystem, boolean isRetired, int version) {}
