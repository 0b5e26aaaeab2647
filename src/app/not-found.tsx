import { NothingHere } from '@/features/account/NothingHere';

export default function NotFound() {
  return <NothingHere />;
}
