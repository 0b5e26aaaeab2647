export * from './matchClasses';
export * from './readAttendance';
