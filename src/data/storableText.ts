export { storableText } from '@/core/marks';
