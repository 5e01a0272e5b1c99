/** Choices with their words, in the order they are offered. */
export type Choices<T extends string> = { value: T; label: string }[];
