package itrova.core.schedule;

import java.util.EnumMap;
import java.util.Map;

/**
 * What works at once.
 *
 * @param people hands
 * @param stands vehicles in pieces at once
 * @param stations how many there are of each
 */
public record Workshop(int people, int stands, Map<Station, Integer> stations) {
    /** Work is planned in steps of this (min). */
    public static final int SLOT = 5;

    private static final int MOST = 50;

    /** @throws IllegalArgumentException if there is none, or more than a shop has */
    public Workshop {
        stations = Map.copyOf(stations);
        if (people < 1 || people > MOST || stands < 1 || stands > MOST) {
            throw new IllegalArgumentException("A week is planned with 1 to " + MOST + " people and stands, not with "
                    + people + " and " + stands + ".");
        }
        stations.forEach((station, count) -> {
            if (count < 0 || count > MOST) {
                throw new IllegalArgumentException("A shop has 0 to " + MOST + " of each station, not " + count + ".");
            }
        });
    }

    /** How many there are of a station; 0 if none. */
    public int count(Station station) {
        return stations.getOrDefault(station, 0);
    }

    /** One of every station. */
    public static Map<Station, Integer> oneOfEach() {
        Map<Station, Integer> all = new EnumMap<>(Station.class);
        for (Station station : Station.values()) {
            all.put(station, 1);
        }
        return all;
    }
}
