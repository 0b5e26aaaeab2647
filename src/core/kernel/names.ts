/** The first word of a name: what people call each other on the mat. */
export const firstNameOf = (name: string): string => name.trim().split(/\s+/)[0] ?? name;
