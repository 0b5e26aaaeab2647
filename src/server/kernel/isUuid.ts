/** Whether a text from outside has the shape of an id: anything else would be an error of the database instead of "not there". */
export const isUuid = (text: string): boolean =>
  /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/i.test(text);

/** The text if it is an id, else nothing: for a place in a list that came with an address. */
export const uuidIn = (text: string | undefined): string | undefined =>
  text !== undefined && isUuid(text) ? text : undefined;
