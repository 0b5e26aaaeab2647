import { packetShape } from '@/data/packets/packets';

export type { PacketContent } from '@/data/packets/packets';
export const packetInput = packetShape;
