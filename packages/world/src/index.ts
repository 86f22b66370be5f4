export { copyDoor, GAP_STATIONS, poseOf, trueFigure, trueGap, type TrueDoor } from './trueDoor';
export { makeScenario, makeSoundDoor, type Scenario, type WorldOptions } from './makeDoor';
export { answerCheck, takeReading } from './technician';
export { carryOut, isDoorTrue } from './work';
export { studyDiagnosis, type DiagnosisStudy, type Ranked } from './studyDiagnosis';
export { studyCorrection, type CorrectionStudy, type CycleCount } from './studyCorrection';
