import type { ReactNode } from 'react';
import { AcademyZone } from '../AcademyZone';

const ZonedLayout = ({ children }: { children: ReactNode }) => <AcademyZone>{children}</AcademyZone>;
export default ZonedLayout;
