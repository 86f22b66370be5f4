export { copyDoor, GAP_STATIONS, poseOf, trueFigure, trueGap, type TrueDoor } from './trueDoor';
export { makeScenario, makeSoundDoor, type Scenario, type WorldOptions } from './makeDoor';
export { answerCheck, takeReading } from './technician';
export { carryOut } from './work';
export { holds, isDoorTrue, VERDICTS, type Verdict } from './verdict';
export { calibrationError, studyDiagnosis, type Bin, type DiagnosisStudy, type FirstSaid, type Ranked } from './studyDiagnosis';
export { drawWorld, TABLES_OWN, USUAL_WORLDS, type WorldTraits } from './worldTraits';
export { studyCorrection, type CorrectionStudy } from './studyCorrection';
export { type CycleCount } from './course';
