const browsers: readonly (readonly [RegExp, string])[] = [
  [/Edg(e|A|iOS)?\//, 'Edge'],
  [/OPR\/|Opera/, 'Opera'],
  [/SamsungBrowser\//, 'Samsung Internet'],
  [/Firefox\/|FxiOS\//, 'Firefox'],
  [/Chrome\/|CriOS\/|HeadlessChrome\//, 'Chrome or alike'],
  [/Safari\//, 'Safari'],
];
const places: readonly (readonly [RegExp, string])[] = [
  [/iPhone/, 'an iPhone'],
  [/iPad/, 'an iPad'],
  [/Android/, 'an Android device'],
  [/Windows/, 'Windows'],
  [/Mac OS X|Macintosh/, 'a Mac'],
  [/CrOS/, 'a Chromebook'],
  [/Linux/, 'Linux'],
];

/** What a browser says of itself, in a few words: "Firefox on Windows"; empty for what nobody knows. A hint for people, proof of nothing. */
export function browserWords(userAgent: string): string {
  const browser = browsers.find(([looks]) => looks.test(userAgent))?.[1];
  const place = places.find(([looks]) => looks.test(userAgent))?.[1];
  return browser && place ? `${browser} on ${place}` : (browser ?? place ?? '');
}
