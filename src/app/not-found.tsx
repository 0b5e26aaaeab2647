import { NothingHere } from '@/features/account/NothingHere';

export default NothingHere;
