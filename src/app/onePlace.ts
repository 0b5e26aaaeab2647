/** A parameter of an address that should stand there once; of several the first. */
export const onePlace = (parameter: string | string[] | undefined): string | undefined =>
  Array.isArray(parameter) ? parameter[0] : parameter;
