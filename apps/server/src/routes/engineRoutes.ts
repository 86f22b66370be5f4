import { describeEngine, ENGINE, engineFunction, runEngine } from '@proper-swing/contract/engine';
import { Router } from 'express';
import { problem } from '../http/problem';

/** The engine over HTTP: the same register as the command line and the app's worker. */
export function engineRoutes(): Router {
  const router = Router();
  router.get('/engine', (_request, response) => {
    response.json(ENGINE.map(({ name, title }) => ({ name, title })));
  });
  router.get('/engine/:name', (request, response) => {
    response.json(describeEngine(named(request.params.name)));
  });
  router.post('/engine/:name', (request, response) => {
    response.json(runEngine(named(request.params.name), request.body));
  });
  return router;
}

function named(name: string) {
  const found = engineFunction(name);
  if (found === undefined)
    throw problem(404, 'There is none', `The engine has no function ${name}.`, [{ field: 'name', message: 'unknown function' }]);
  return found;
}
