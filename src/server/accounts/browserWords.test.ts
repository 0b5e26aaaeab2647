import { expect, it } from 'vitest';
import { browserWords } from './browserWords';

// As these browsers sent it in 2025, from memory.
it.each([
  ['Mozilla/5.0 (Windows NT 10.0; Win64; x64; rv:141.0) Gecko/20100101 Firefox/141.0', 'Firefox on Windows'],
  [
    'Mozilla/5.0 (iPhone; CPU iPhone OS 18_5 like Mac OS X) AppleWebKit/605.1.15 (KHTML, like Gecko) Version/18.5 Mobile/15E148 Safari/604.1',
    'Safari on an iPhone',
  ],
  [
    'Mozilla/5.0 (Linux; Android 10; K) AppleWebKit/537.36 (KHTML, like Gecko) Chrome/138.0.0.0 Mobile Safari/537.36',
    'Chrome or alike on an Android device',
  ],
  [
    'Mozilla/5.0 (Macintosh; Intel Mac OS X 10_15_7) AppleWebKit/537.36 (KHTML, like Gecko) Chrome/138.0.0.0 Safari/537.36 Edg/138.0.0.0',
    'Edge on a Mac',
  ],
  ['', ''],
  ['<script>', ''],
])('%s', (sent, words) => {
  expect(browserWords(sent)).toBe(words);
});
