export {
  describeEngine,
  ENGINE,
  engineFunction,
  EngineRequestError,
  runEngine,
  type EngineDescription,
  type EngineFunction,
} from './register';
