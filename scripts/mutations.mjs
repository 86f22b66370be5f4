// Lines that must not be breakable without a unit test failing: what is broken, where, how, and which tests are to notice.
// Kept by hand beside what the mutation tool finds by itself, because each of them once went unnoticed.

const core = (file, find, put, tests) => ({ file: `packages/core/src/${file}`, find, put, project: 'core', tests });
const contract = (file, find, put, tests) => ({ file: `packages/contract/src/${file}`, find, put, project: 'contract', tests });
const server = (file, find, put, tests) => ({ file: `apps/server/src/${file}`, find, put, project: 'server', tests });
const field = (file, find, put, tests) => ({ file: `apps/field/src/${file}`, find, put, project: 'field', tests });

export const MUTATIONS = [
  ['cuts come last', core('planning/steps.ts', 'one.phase - other.phase || ', '', 'planning/')],
  ['end hinges come first', core('planning/steps.ts', '? 1 : 2;', '? 2 : 1;', 'planning/')],
  ['minutes per amount', core('model/action.ts', 'minutes.first + minutes.each * (Math.abs(amount) - 1)', 'minutes.first', 'model/model')],
  [
    'the rulings of a fire door',
    core('hinged/tables/actions.ts', '(forbidden.fireRated === true && door.fireRated) ||', '', 'hinged/(plan|card/schools)'),
  ],
  ['rulings reach the plan', core('planning/rulings.ts', 'if (forbidden !== undefined)', 'if (forbidden === null)', 'planning/')],
  ['the forbidding threshold, too high', core('planning/rulings.ts', 'FORBID_FROM = 0.2', 'FORBID_FROM = 0.35', 'planning/')],
  ['the forbidding threshold, too low', core('planning/rulings.ts', 'FORBID_FROM = 0.2', 'FORBID_FROM = 0.1', 'planning/')],
  ['spread of watched work', core('inference/afterWork.ts', 'STOPPED_SHARE_SD = 0.25', 'STOPPED_SHARE_SD = 0.05', 'inference/afterWork')],
  ['the allowance of a rub', core('inference/believe.ts', 'RUB_TELLS = 5', 'RUB_TELLS = 0', 'inference/believe')],
  ['unevenness of lean and bow', core('inference/linearReadings.ts', " || kind === 'lean' || kind === 'bow'", '', 'inference/believe')],
  ['unevenness of width', core('inference/linearReadings.ts', "kind === 'opening' || ", '', 'inference/believe')],
  [
    'one cause of a part is treated',
    core(
      'planning/causesToTreat.ts',
      '.filter(({ part }, i, all) => all.findIndex((each) => each.part === part) === i);',
      ';',
      'planning/causesToTreat',
    ),
  ],
  ['what is left out is told as null', contract('fields/withoutAbsent.ts', 'each !== undefined && each !== null', 'true', 'fields/fields')],
  ['one fact told twice', core('inference/takenAnswers.ts', 'TOLD_TWICE = 0.5', 'TOLD_TWICE = 1', 'inference/answerChances')],
  [
    'what is loose is tightened first',
    core('planning/decision.ts', 'undone > 0 && unknown > 0', 'undone < 0 && unknown > 0', 'planning/decision'),
  ],
  [
    'nothing planned that nobody read',
    core('planning/decision.ts', 'holds: ({ unknown }) => unknown > 0', 'holds: () => false', 'planning/decision'),
  ],
  ['the floor of a cure', core('planning/decision.ts', 'FREE_FLOOR = 0.5', 'FREE_FLOOR = 0.4', 'planning/decision')],
  ['no hinge is set back unchecked', core('planning/settingsAllowed.ts', '>= 0);', '>= -99);', 'planning/seeingTo')],
  ['a side told of is read first', core('planning/sidesTold.ts', 'judged.has(id) ? [] : readAt', 'readAt', 'planning/soFar')],
  ['no work of nought or of open sign', core('planning/ways.ts', '|| mean * mean < variance', '', 'planning/ways')],
  [
    'what was treated is not treated again',
    core('planning/causesToTreat.ts', ' && !isTreated(belief, each)', '', 'planning/causesToTreat'),
  ],
  [
    'timber comes off only for a lack of room',
    core('planning/searchPlans.ts', 'if (asSet + offLine / OUTSIDE_PRICE <= SEEN_FROM_MM) return 0;', '', 'hinged/searchPlans'),
  ],
  ['what was learned of a unit', core('inference/afterWork.ts', '* effect.mmPerUnit * times', '* effect.mmPerUnit', 'inference/afterWork')],

  [
    'limits of a figure',
    contract('fields/schema.ts', 'if (field.to !== undefined) made = made.max(field.to);', '', 'fields|engine/requests'),
  ],
  ['a correction keeps its place', contract('record/sequence.ts', 'corrected !== undefined ? keyOf(corrected) : ', '', 'record/sequence')],
  [
    'nothing comes before what its writer knew',
    contract('record/sequence.ts', 'before === undefined || before < id ? id : `${before}.${id}`', 'id', 'record/sequence'),
  ],

  [
    'no transaction',
    server(
      'record/recordStore.ts',
      'put: (kind, body) => run((manager) => putOne(manager, { kind, body })),',
      'put: (kind, body) => putOne(source.manager, { kind, body }),',
      'record/recordStore',
    ),
  ],
  ['no write queue', server('record/committing.ts', 'const next = last.then(work, work);', 'const next = work();', 'record/recordStore')],
  [
    'order of history',
    server(
      'record/callViews.ts',
      `callsWhere('DESC', limit, [{ holds: '"doorId"`,
      `callsWhere('ASC', limit, [{ holds: '"doorId"`,
      'record/callViews',
    ),
  ],
  ['counts of what stands', server('record/callViews.ts', '${name}.withdrawn = 0 AND ', '', 'record/callViews')],
  [
    'the make of an old door',
    server('migrations/1795700000000-door-kinds.ts', 'UPDATE "door" SET "make" = ${MAKE_OF_COLUMNS}', 'SELECT 1', 'storedDatabases'),
  ],

  ['one request at a time', field('offline/sending.ts', 'isStopped || isSending || retry', 'isStopped || retry', 'offline/sending')],
  [
    'a refusal is no confirmation',
    field('offline/sending.ts', 'if (refusal !== undefined) outbox', 'if (false) outbox', 'offline/sending'),
  ],
  ['the wait before a write is tried again', field('offline/sending.ts', 'retry !== undefined || ', '', 'offline/sending')],
  [
    'at once when the server is back',
    field('offline/sending.ts', '    clearTimeout(retry);\n    retry = undefined;\n', '', 'offline/sending'),
  ],
  ['no timer once it is stopped', field('offline/sending.ts', '    if (isStopped) return undefined;\n', '', 'offline/sending')],
  ['one by one where something fails', field('offline/sending.ts', '      most = 1;\n', '', 'offline/sending')],
  ['what fails is set aside', field('offline/sending.ts', '    setAside(first);\n    return true;', '    return true;', 'offline/sending')],
  ['the order of writes under load', field('offline/quietMoment.ts', 'given.shift()?.()', 'work()', 'offline/quiet')],
  ['the earlier change of a card goes first', field('offline/readyToGo.ts', 'other.sequence < sequence && ', '', 'offline/readyToGo')],
  [
    'what follows a refused change',
    field('offline/readyToGo.ts', 'if (isMadeFromRefused(waiting, outgoing))', 'if (false)', 'offline/sending'),
  ],
  [
    'confirmed until it is kept',
    field('offline/letGo.ts', 'filter((outgoing) => isHeld(kept, outgoing))', 'filter(() => true)', 'offline/letGo'),
  ],
  ['a day that has the call', field('offline/letGo.ts', "if (kind !== 'calls') return true;", 'if (kind) return true;', 'offline/letGo')],
  ['tabs that count alike', field('offline/outbox.ts', '.${v7()}`', '.${body.id}`', 'offline/outbox')],
  ['what another tab wrote', field('offline/outbox.ts', 'else setAll([...all, outgoing].sort(inOrder));', '', 'offline/outbox')],
  [
    'what makes no sense is left out',
    field('record/observed.ts', '  if (!isComputable(door, entry)) return [];\n', '', 'record/uncomputed'),
  ],
  [
    'a place of another kind of door',
    field('record/uncomputed.ts', '![...walk, ...further].includes(station)', 'false', 'record/uncomputed'),
  ],
  ['a check of another kind of door', field('record/uncomputed.ts', 'return isOfKind ?', 'return true ?', 'record/uncomputed')],
  ['a head gap of over 20 mm', field('pages/measure/readTyped.ts', 'head: 20', 'head: 40', 'measure/readTyped')],
  ['both changes of a card', field('offline/mergeCards.ts', ' || (base !== undefined && isSame(was, here))', '', 'offline/mergeCards')],
  ['two ways are asked about', field('offline/settleCards.ts', 'versions?.conflicts.length === 0', 'versions', 'offline/settleCards')],
  [
    'what was not chosen stays in the history',
    field('offline/settleCards.ts', 'if (last !== undefined && chosen !== ours) outbox', 'if (false) outbox', 'offline/settleCards'),
  ],
  ['what the server has lost', field('offline/sent.ts', 'from += MANY', 'from += sent.length', 'offline/sent')],
  [
    'made from what was changed meanwhile',
    server('record/recordStore.ts', 'body.madeFrom != null && ', 'false && ', 'server/src/server.test'),
  ],
  ['names of its own', server('http/ownNames.ts', 'own.has(name) || ', 'true || ', 'http/guards')],
  ['pages of its own', server('http/ownNames.ts', 'if (origin !== undefined && !isOwn(origin))', 'if (false)', 'http/guards')],
  ['half a character', server('http/wellFormed.ts', "if (typeof value === 'string' && ", 'if (false && ', 'http/guards')],
  ['nested without end', server('http/wellFormed.ts', 'if (depth >= DEEPEST)', 'if (false)', 'http/guards')],
  [
    'a log-in page for a confirmation',
    field('offline/api.ts', 'if (id === body.id && revision === body.revision) return undefined;', 'return undefined;', 'offline/api'),
  ],
  [
    'a failed commit left as it is',
    server(
      'record/committing.ts',
      '    } catch (error) {\n      await openAnew();\n      throw error;\n    }\n    return given;',
      '    } catch (error) {\n      throw error;\n    }\n    return given;',
      'fullDisk',
    ),
  ],
  ['another process waited for', server('record/committing.ts', '!isBusy(error) || ', 'true || ', 'record/committing')],
  ['a 5xx taken as refusal', field('offline/api.ts', '&& FINAL.includes(status))', ')', 'offline/api')],
  ['a new check after new work', field('record/observed.ts', "(stage === 'found' || isAfterWork(record, set))", 'true', 'record/writing')],
  [
    'findings asked at "left"',
    field('record/observed.ts', "stage === 'found' ? answersAfter(record) : []", 'answersAfter(record)', 'record/writing'),
  ],
  ['engine answers persisted', field('offline/queryClient.ts', '!NOT_KEPT.includes(queryKey[0]) && ', '', 'offline/kept')],
  [
    'what one act wrote is taken back',
    field('sheets/multipoint/useCallSession.ts', 'turned.filter(({ go }) => go === last.go)', '[...turned]', 'useCallSession'),
  ],
  [
    'an old write is upgraded',
    field(
      'offline/outbox.ts',
      "return upgraded({ ...(JSON.parse(storage.get(key) ?? '') as Outgoing), mark",
      "return ({ ...(JSON.parse(storage.get(key) ?? '') as Outgoing), mark",
      'offline/kept',
    ),
  ],
  ['what was really planed', field('record/writeAdjustment.ts', 'const share = amount / planned;', 'const share = 1;', 'record/writing')],
  ['a fraction is of an inch', field('record/typedText.ts', "text.includes('/') ? 'in' : unit", 'unit', 'record/typedText')],
  ['nothing given up unread', core('planning/decision.ts', '&& situation.somewhatDoubted > 0', '&& false', 'planning/decision')],
  ['doubt is read again', core('planning/decision.ts', 'doubted > 0 && undone === 0', 'false', 'planning/decision')],
  ['what was read twice is not doubted', core('inference/doubtful.ts', ' || reading.isSure', '', 'inference/doubtful')],
  ['an edge may be that uneven', core('inference/linearReadings.ts', 'ODDLY_UNEVEN_MM = 1', 'ODDLY_UNEVEN_MM = 0', 'inference/doubtful')],
  ['a try counts before a level', core('planning/sidesOut.ts', 'inOrder?.has(id) !== true &&', '', 'planning/seeingTo')],
  [
    'a try holds until the slab is moved',
    core(
      'planning/sidesTold.ts',
      'return last < 0 ? [...findings, ...since] : since;',
      'return [...findings, ...since];',
      'planning/sidesTold',
    ),
  ],
  ['a try that no figure bears out', core('planning/sidesTold.ts', 'BELIEVED_FROM = 0.1', 'BELIEVED_FROM = 0', 'planning/sidesTold')],
  ['no gap set for what stands beside it', core('planning/candidate.ts', 'mustUse.length > 0 }', 'true }', 'planning/sidesTold')],
  ['timber for a tenth', core('planning/choose.ts', 'WORTH_A_CUT = 0.1', 'WORTH_A_CUT = 0', 'planning/choose')],
  ['the least work of plans as good', core('planning/choose.ts', 'AS_GOOD = 0.04', 'AS_GOOD = 0', 'planning/choose')],
  ['equal work before a patchwork', core('planning/choose.ts', 'WORTH_A_PATCHWORK = 0.1', 'WORTH_A_PATCHWORK = 0', 'planning/choose')],
  ['work that betters nothing is none', core('planning/decision.ts', '!betters(after) ||', '', 'planning/decision')],
  [
    'frame and timber wait for a second look',
    core('planning/decision.ts', 'fallsShort(after) || isHeavy(after.first)', 'fallsShort(after)', 'planning/decision'),
  ],
  [
    'what a reading alone makes likely',
    core('inference/oddOnEdge.ts', 'believe(model, without(observed, station))', 'belief', 'hinged/oddOnEdge'),
  ],
  ['what harms unseen is not hidden', core('planning/ways.ts', 'isFrameWork && harmsUnseen !== true', 'isFrameWork', 'planning/ways')],
  [
    'no patchwork where it falls short',
    core('planning/reducedPlans.ts', 'WORTH_WORKING_FOR = 0.1', 'WORTH_WORKING_FOR = 0', 'planning/reducedPlans'),
  ],
  ['a search cut short says so', core('planning/searchPlans.ts', 'isCutShort: true', 'isCutShort: undefined', 'planning/search')],
  [
    'not enough while a reading is doubted',
    core('inference/nextBest.ts', 'if (twice.length > 0) return', 'if (twice.length > 99) return', 'inference/nextBest'),
  ],
  [
    'a reading that corrects another is sure',
    field('record/observed.ts', '...(supersedes && { again: true as const })', '', 'record/observed'),
  ],
  [
    'timber off only widens',
    core('planning/outcome.ts', 'byMm: share * widestOf(fault, board, effect.cuts),', 'byMm: 0,', 'hinged/timberOff'),
  ],
  ['and so in the belief', core('inference/afterWork.ts', 'along[at] = (along[at] ?? 0) - widest;', '', 'hinged/timberOff')],
  [
    'a slab scribed under a head that runs up is raised',
    core('planning/outcome.ts', 'if (raises) for', 'if (!raises) for', 'hinged/timberOff'),
  ],
  [
    'a trimmed foot is wider when shut',
    core('planning/outcome.ts', 'widen(gaps, board, edge, { byMm: Math.abs(mm) })', 'void mm', 'hinged/timberOff'),
  ],
  [
    'what treats and sets nothing is tried',
    core('planning/candidates.ts', '...(isBareTried ? [] :', '...(!isBareTried ? [] :', 'hinged/timberOff'),
  ],
  [
    'no line goes far beyond its limit',
    core('planning/planingLines.ts', 'Math.min(limit.target, limit.min + CLEARS_MM)', 'limit.target', 'hinged/timberOff'),
  ],
  [
    'a gap that troubled no one is not read again',
    core('planning/steps.ts', '.filter((station) => readBefore.includes(station))', '', 'planning/steps'),
  ],
  [
    'proud heads are seated only where found',
    core('planning/rulings.ts', '(whenFound === undefined || isFound(whenFound)) && (', '(', 'hinged/hingeWork'),
  ],
  [
    'the next pin waits for the first',
    core('planning/rulings.ts', ' && (after === undefined || done.some(({ action }) => action === after));', ';', 'hinged/hingeWork'),
  ],
  [
    'what a try finds not to hold holds nothing',
    core('planning/soFar.ts', 'if (!stillMoves(model.side(side))) held', 'held', 'hinged/hingeWork'),
  ],
  ['a throw is by the spacing of the hinges', core('hinged/tables/hingeActions.ts', ", leverage: 'hingeSpan'", '', 'hinged/hingeWork')],
  [
    'no friction against a closer',
    core('hinged/tables/actions.ts', '(forbidden.closer === true && door.closer === true) ||', '', 'hinged/hingeWork'),
  ],
  ['both leans of a door that swings', core('planning/sidesTold.ts', 'tellsAlso ? readAlso', 'false ? readAlso', 'hinged/hingeWork')],
  ['a middle hinge is not forgotten on a good door', core('planning/facts.ts', ' && asWell.length === 0', '', 'hinged/hingeWork')],
  [
    'the same step says why it comes again',
    core('planning/sameAgain.ts', 'each.action === action && each.place === place', 'each.action === action', 'planning/sameAgain'),
  ],
  [
    'places off their line count in the bound',
    core('planning/leastToPay.ts', 'mm + low - misfitAllowedMm', 'mm + high - misfitAllowedMm', 'planning/search'),
  ],
  [
    'heavy work for one look',
    core('planning/decision.ts', 'holds: ({ soleLooks }) => soleLooks() > 0', 'holds: () => false', 'planning/decision'),
  ],
  ['a good door in doubt', core('planning/decision.ts', 'looksToTakeAgain().length > 0', 'false', 'hinged/secondLook')],
  ['only looks that alone decide', core('planning/soleLooks.ts', 'chanceOf(without, cause) < from', 'true', 'hinged/secondLook')],
  ['a look found so twice', core('inference/takenAnswers.ts', 'SEEN_TWICE = 2', 'SEEN_TWICE = 1', 'hinged/secondLook')],
  ['no leg is spliced unseen', core('planning/facts.ts', '...looksNeeded(belief, observed, treat),', '', 'hinged/secondLook')],
  [
    'an opening wide by itself is no fault',
    core(
      'hinged/tables/causes.ts',
      "{ id: 'usual', share: 0.9, axes: [] }",
      "{ id: 'usual', share: 0.9999, axes: [] }",
      'hinged/secondLook',
    ),
  ],
  [
    'on a good door nothing else is weighed',
    core('planning/planCorrections.ts', 'isWaiting || isOnlyAlso ? []', 'isWaiting ? []', 'hinged/hingeWork'),
  ],
  [
    'a door that only swings has no gap judged',
    core('planning/facts.ts', 'isGapRead(model, observed) || !isSideTold(model, observed)', 'true', 'hinged/hingeWork'),
  ],
  ['what friction holds stays', core('planning/sidesTold.ts', 'held.includes(each) || ', '', 'hinged/hingeWork')],
  ['work tried is work checked', field('record/observed.ts', 'unchecked.length > 1 || !isTried(each)', 'true', 'record/observed')],
  [
    'a cure elsewhere has cured nothing',
    core('hinged/tables/doneAt.ts', "at !== hinge ? 'otherWork' : known", 'false ? id : known', 'hinged/doneAt'),
  ],
  ['work at the bottom has its own name', core('hinged/tables/doneAt.ts', "tighten: { bottom: 'tightenBottom' },", '', 'hinged/doneAt')],
  ['a door that waits weighs nothing', core('planning/planCorrections.ts', ' || weighed.isWaiting ? []', ' ? []', 'planning/correcting')],
  ['free is not claimed untried', core('doors/proof.ts', 'untried.length === 0)', 'true)', 'doors/proof')],
  ['even is not claimed ungauged', core('doors/proof.ts', 'unjudged.length === 0 && looksOut', 'looksOut', 'doors/proof')],
  ['what was found is no proof after work', field('record/asLeft.ts', ' || standingWork(record).length > 0', '', 'record/asLeft')],
  ['tries from before the work are let go', field('record/observed.ts', ' && isAfterWork(record, entry),', ',', 'record/asLeft')],
  [
    'what is gauged as left is heard',
    field('record/observed.ts', " || (set.stage === 'left' && work.length > 0 && keyOf(set) > begun)", '', 'record/asLeft'),
  ],
  ['all read, no key writes', field('pages/measure/useWalk.ts', 'if (rests) return;', '', 'measure/useWalk')],
  ['a slip is asked about', field('pages/measure/useWalk.ts', 'isUnheardOf(at, read.mm) && ', 'false && ', 'measure/useWalk')],
  ['what was confirmed meanwhile stays', field('offline/sending.ts', '  noteConfirmed(outgoing);\n', '', 'offline/sending')],
  [
    'less than a half turn is let stand',
    core('planning/choose.ts', 'found.outside <= letStandMm', 'found.outside <= 0.15', 'hinged/leftInPeace'),
  ],
  [
    'keeps only where the handle is stiff shut',
    core('hinged/tables/strikeActions.ts', "answers: ['stiffShut'] }", "answers: ['stiffShut', 'stiffOpen'] }", 'hinged/leftInPeace'),
  ],
  [
    'a try that stands against what was told',
    core('planning/triesToRepeat.ts', 'side.clearedBy?.some(isSaid) === true || ', '', 'hinged/leftInPeace'),
  ],
  ['levels that hardly bear a try out', core('planning/triesToRepeat.ts', 'figure < min - sd', 'figure < min', 'hinged/leftInPeace')],
  [
    'tried twice outweighs what was told',
    core('planning/sidesTold.ts', ' && !(isListened(model, said) && clearedBy.some(isTriedTwice))', '', 'planning/sidesTold'),
  ],
  ['a screw found loose once is tried again', core('planning/facts.ts', '...seenOnce,', '', 'hinged/leftInPeace')],
  [
    'tightened before it is treated otherwise',
    core(
      'planning/planCorrections.ts',
      ' || treat.some(({ cures }) => undoneWork.some(({ id }) => cures.includes(id)))',
      '',
      'hinged/leftInPeace',
    ),
  ],
  ['repeating a try comes before a cure', core('planning/decision.ts', 'triesToRepeat() > 0', 'triesToRepeat() > 9', 'hinged/leftInPeace')],
  [
    'screws and knuckles of one hinge',
    core('inference/hypotheses.ts', 'a.part !== b.part || (a.piece', 'a.part !== b.part && (a.piece', 'hinged/topHingeRungs'),
  ],
  [
    'no recess is cut for want of a look',
    core('planning/decision.ts', 'looksBeforeCutting() > 0', 'looksBeforeCutting() > 9', 'hinged/topHingeRungs'),
  ],
  [
    'a middle hinge is brought to the line of hinges that are set',
    core('planning/steps.ts', 'model.tables.asWell.includes(id) ? 1 : ', '', 'planning/steps'),
  ],
  ['the customer’s word is tried', core('planning/facts.ts', '...toldUntried(model, observed),', '', 'hinged/leftInPeace')],
  ['what has been worked on is no rival', core('planning/advice.ts', '!isWorkedOn(id) || ', 'true || ', 'hinged/topHingeRungs')],
  ['the figure to stop at is the figure drawn', core('planning/plan.ts', 'stopAt(each, id) ?? ', '', 'planning/correcting')],
  ['a door that springs is tried again', core('planning/facts.ts', '...deniedOnce,', '', 'hinged/leftInPeace')],
  ['a door that springs twice is not free', core('planning/facts.ts', ' && !isDeniedFree', '', 'hinged/leftInPeace')],
  ['what springs is looked for', core('planning/decision.ts', 'isDeniedFree && !hasWork(first)', 'false', 'hinged/leftInPeace')],
  ['the same work at all places is always tried', core('planning/candidates.ts', '...(isAlikeTried ? [] : [alike])', '', 'hinged/alike')],
  [
    'what spins is made to hold before it is measured',
    core(
      'planning/facts.ts',
      'unknown.length > 0 ? [...new Set([...undoneWork, ...leftLoose(belief, observed, allowed)])] : undoneWork',
      'undoneWork',
      'hinged/topHingeRungs',
    ),
  ],
  [
    'what was made to hold is not done again',
    core(
      'planning/atOnce.ts',
      '!isSaid(said) || actions.some((id) => done.some(({ action }) => action === id))',
      '!isSaid(said)',
      'hinged/topHingeRungs',
    ),
  ],
  [
    'knuckles are looked at before a recess is cut',
    core('planning/planCorrections.ts', '...looksOwedTo(belief.model, observed, first), ', '', 'hinged/topHingeRungs'),
  ],
  ['the second complaint counts for less', core('inference/takenAnswers.ts', 'isBesides ? TOLD_BESIDES : 1', '1', 'hinged/complaints')],
  [
    'every complaint tells of its side',
    core('planning/sidesTold.ts', '[...(first.get(finding) ?? []), answer]', '[answer]', 'hinged/complaints'),
  ],
  [
    'what spins in the edge is not held in the leg',
    core('planning/rulings.ts', 'if (notWhenFound !== undefined && isFound(notWhenFound)) return false;', '', 'hinged/hingeWork'),
  ],
  ['even by eye rests on each edge', core('doors/proof.ts', '>= LEAST_ON_EDGE);', '>= 0);', 'doors/proof')],
  [
    'what looks out is not even',
    core('doors/proof.ts', 'unjudged.length === 0 && looksOut.length === 0', 'unjudged.length === 0', 'doors/proof'),
  ],
  [
    'a strike that may still be among the best is tried',
    core('planning/searchPlans.ts', 'still + choice.price >= worst() + ROUNDING', 'still + choice.price >= 0', 'hinged/(searchPlans|plan)'),
  ],
  [
    'the best of many are kept where one shares another’s price',
    core(
      'planning/searchPlans.ts',
      'price + offLine + OUTSIDE_PRICE * plain >= worst() ? Infinity',
      'true ? Infinity',
      'hinged/(searchPlans|plan)',
    ),
  ],
  [
    'a plane makes its own edge right',
    core(
      'planning/searchPlans.ts',
      'sum - edgeOutside(board, gaps, edge), asSet)',
      'sum + 0 * edgeOutside(board, gaps, edge), asSet)',
      'hinged/(searchPlans|plan|timberOff)',
    ),
  ],
  [
    'what hardly rubs rests where gravity no longer moves it',
    core(
      'swing/swingForces.ts',
      'angle: bisect((at) => torque(at) * Math.sign(torque(before)), before, angle), ',
      'angle, ',
      'sheets/drift',
    ),
  ],
  ['a balance that reads nought', core('sheets/drift/drift.ts', 'Math.max(LEAST_FRICTION_NM, ', 'Math.max(0, ', 'sheets/drift')],
  ['screws that hold nothing', core('sheets/load/hingeLoad.ts', 'if (asItIs.holdN === 0)', 'if (asItIs.holdN < 0)', 'sheets/load')],
  [
    'a chance is no more than one',
    core(
      'inference/expectation.ts',
      'Math.min(1, known.probability + (chances[i] ?? 0))',
      'known.probability + 1.1 * (chances[i] ?? 0)',
      'inference/',
    ),
  ],
  ['shape before sense', contract('engine/hingedShapes.ts', '!Array.isArray(hingeHeightsMm) || ', '', 'engine/requests')],
  ['a body is read only where one is taken', server('routes/apiRouter.ts', 'takes === undefined ? [] : reading', 'reading', 'http/guards')],
  [
    'a call open from before',
    server('record/callViews.ts', 'WHERE "scheduledFor" < ? AND ${IS_OPEN}', 'WHERE "scheduledFor" < ? AND 1 = 0', 'record/callViews'),
  ],
  [
    'all since an open call',
    server('record/callViews.ts', 'Math.max(LAST_CALLS, own.filter', 'Math.min(LAST_CALLS, own.filter', 'record/callViews'),
  ],
  ['a record of later is kept', field('offline/workingSet.ts', '?? 0) < askedAt', '?? 0) < Infinity', 'offline/workingSet')],
  ['confirmed on the way', field('offline/workingSet.ts', 'history.calls.map(broughtUp)', 'history.calls', 'offline/workingSet')],
  ['older visits stay', field('offline/workingSet.ts', 'if (!isLonger) ', '', 'offline/workingSet')],
  [
    'the first form of planing',
    field('offline/upgradeWrites.ts', '({ fromMm: null, toMm: null, ...body })', 'body', 'offline/earlierForms'),
  ],
  [
    'two cams of a keep are turned in turn',
    core('sheets/multipoint/keepCams.ts', '?.cam ?? 2) === 1', '?.cam ?? 2) === 9', 'multipoint/session'),
  ],
  [
    'open calls of any date',
    server('record/callViews.ts', 'holds: withOpen ? DUE_OR_OPEN', 'holds: false ? DUE_OR_OPEN', 'record/callViews'),
  ],
  [
    'a renamed site is found by its new name',
    server(
      'migrations/1796001786546-find-again.ts',
      `does: anew('siteId') },\n  { name: 'search_door_in'`,
      `does: 'SELECT 1;' },\n  { name: 'search_door_in'`,
      'record/search',
    ),
  ],
  ['what is typed is no operator', server('record/search.ts', '/[\\p{L}\\p{N}\\p{M}]+/gu', '/\\S+/gu', 'record/search')],
  [
    'a cancelled call has a reason',
    contract('record/kinds/calls.ts', "state === 'cancelled' && ", "state === 'never' && ", 'record/record'),
  ],
  ['tried in vain wants a day', field('day/dayBook.ts', '(isBefore(each) || wantsAnotherDay(each.call))', 'isBefore(each)', 'day/day')],
  ['what is under way is next', field('day/dayBook.ts', 'settled.find(({ call }) => isUnderWay(call)) ?? ', '', 'day/day')],
  ['on site since yesterday', field('day/dayBook.ts', ' && !isUnderWay(each.call)', '', 'day/day')],
  [
    'moved, it is booked anew',
    field('day/writeCall.ts', "wantsAnotherDay(call) ? { ...rest, state: 'open' } : call", 'call', 'day/writeCall'),
  ],
  [
    'a reason goes with its state',
    field('day/writeCall.ts', '{ leftBecause: _, ...call }: Call, { to }', 'call: Call, { to }', 'day/writeCall'),
  ],
  [
    'without accents on the device',
    field('offline/searchKept.ts', "replace(/\\p{M}+/gu, '')", "replace(/q{9}/u, '')", 'offline/searchKept'),
  ],
  ['checks stay under the finger', field('pages/look/leadingChecks.ts', 'if (!shown.every(isAnswered)) return shown;', '', 'pages/look')],
  ['checks that tell nothing', core('inference/nextBest.ts', 'bitsOf(gain) >= TELLS_BITS', 'true', 'inference/nextBest')],
  ['a rub is drawn as nothing', field('record/comparedGaps.ts', "if (reading?.kind === 'rubs') return 0;", '', 'pages/door')],
  [
    'the oldest visit first',
    field('pages/door/visitGaps.ts', 'a.record.call.scheduledFor.localeCompare(b.record.call.scheduledFor)', '0', 'pages/door'),
  ],
  ['no cut to begin with', core('planning/mayBeginWith.ts', 'action(step.action).irreversibility < CUTS_FROM', 'true', 'hinged/firstPlan')],
  [
    'nothing doubtful to begin with',
    core('planning/mayBeginWith.ts', "(outcome === 'cures' || outcome === 'helps') &&", '', 'hinged/firstPlan'),
  ],
  ['a belief of another door', core('inference/believedLately.ts', 'each.model === model && ', '', 'inference/believedLately')],
  ['a belief of other readings', core('inference/believedLately.ts', ' && each.asked === asked', '', 'inference/believedLately')],
  ['a word of everyday', field('words/terms.ts', 'after.includes(before)', 'true', 'words/terms')],
  ['a screw has a head too', field('words/terms.ts', 'said.has(other)', 'false', 'words/terms')],
  ['a word at its first mention', field('words/terms.ts', 'told.add(found.id);', '', 'words/terms')],
  ['cautions in full once', field('pages/listen/Cautions.tsx', 'isSeen && id !== opened', 'false', 'pages/listen')],
  ['keys for figures', field('design/Field.tsx', "(takes === 'length' && units === 'mm')", "takes === 'length'", 'design/design')],
  ['a drawing of too little', field('doors/ComparedDrawing.tsx', 'if (left.size < LEAST_GAPS) return null;', '', 'doors/ComparedDrawing')],
  ['a panel that lifts out is free', core('planning/verdicts.ts', 'if (figure >= letsGoFrom) return false;', '', 'sliding/sliding')],
  ['undone after work', core('planning/atOnce.ts', ' || isSaid({ finding, answers: [answer] })', '', 'planning/seeingTo')],
  [
    'half a turn of another door',
    core('model/doorModel.ts', 'return { ...action, effect: { ...effect, mmPerUnit } };', 'return action;', 'sliding/sliding'),
  ],
  ['a dead screw is turned', core('sheets/turns/rollerTurns.ts', 'dead.length > 0 ? 0 : ', '', 'sheets/turns')],
  [
    'turned until it lifts out',
    core(
      'sheets/turns/rollerTurns.ts',
      "if (liftMm - by >= Math.max(letsGo, liftMm + 1e-9)) return { limit: 'liftsOut', at: end };",
      '',
      'sheets/turns',
    ),
  ],
  ['ticks of one pass', core('sheets/ticks/findTicks.ts', ' && isBorneOut', '', 'sheets/ticks')],
  [
    'a dirty track and new wheels',
    core('sheets/effort/effort.ts', "holds: ({ track }) => track === 'dirty'", 'holds: () => false', 'sheets/effort'),
  ],
  ['closed up without clips', core('sheets/pocket/pocket.ts', 'mayCloseUp: areClipsHome', 'mayCloseUp: true', 'sheets/pocket')],
  ['another rim is no fault', core('sheets/rollers/matchRoller.ts', 'measured.groove !== groove', 'false', 'sheets/rollers')],
  ['a roller twice in the catalogue', field('sheets/rollers/catalogue.ts', "if (seen.has(text('id')))", 'if (false)', 'rollers/catalogue')],
  ['ticks of the way back', field('sheets/ticks/passes.ts', 'startsShut ? share : 1 - share', 'share', 'ticks/passes')],
  ['one act of opening', field('offline/serviceWorker.ts', 'if (isOpened) return;', '', 'offline/serviceWorker')],
  ['new rollers stand anew', core('inference/afterWork.ts', 'sd * sd);', '0);', '(inference/afterWork|sliding/sliding)')],
  ['a rub is not read again', core('planning/facts.ts', ', ...rubbing(observed)]', ']', '(planning/|sliding/sliding)')],
  [
    'a slab is set before it is shortened',
    core('planning/choose.ts', 'WORTH_SHORTENING = 0.2', 'WORTH_SHORTENING = 0.1', 'planning/choose'),
  ],
  ['a panel that lifts out is not free', core('doors/proof.ts', ' || loose.length > 0', '', 'doors/proof')],
  ['a border that the card sets', core('model/showingRows.ts', 'shareOf(at, figures)', '5', '(model/|sliding/)')],
  ['work at an end of a panel', field('record/writeAdjustment.ts', '{ end: place as', '{ leaf: place as', 'record/')],
  ['what screws did, read after them alone', field('record/triedScrews.ts', ' && isAlone', '', 'record/triedScrews')],
  [
    'complaints are those of the kind',
    field('pages/newCall/startCall.ts', '.filter((id) => findingAnswer(complaint, id) !== undefined)', '', 'newCall'),
  ],
  ['top wheels are set by watching', core('sliding/tables/runningActions.ts', ", watched: 'lift.lead'", '', 'sliding/')],
  [
    'set by watching, not set again at once',
    core('planning/settingsAllowed.ts', 'isWatched(action) && belief', 'false && belief', 'sliding/running'),
  ],
  ['a setting has its places', core('planning/candidates.ts', 'isSetAt(action, place)', 'true', 'sliding/')],
  [
    'one place goes without saying',
    core('inference/afterWork.ts', 'placeOfWork(action(step.action), step.place)', 'step.place', 'sliding/running'),
  ],
  ['new parts forget the old screws', core('inference/learnedFrom.ts', 'isRenewed ? [] : learned', 'learned', 'sliding/running')],
  ['what a try denies is not good', core('planning/facts.ts', '!isDeniedFree && isGoodAsItIs', 'isGoodAsItIs', 'sliding/')],
  [
    'a low end that clears brakes nothing',
    core(
      'sliding/tables/scrapes.ts',
      "'foot.lead', 'foot.middle', 'foot.trail'] as const",
      "'foot.lead'].slice(1) as 'foot.lead'[]",
      'sliding/',
    ),
  ],
  ['a look nobody took', core('planning/untakenLooks.ts', 'TELLS_FROM = 0.5', 'TELLS_FROM = 2', 'sliding/running')],
  ['a look once taken', core('planning/untakenLooks.ts', ' && !taken.has(id)', '', 'sliding/running')],
  ['no bolt where nothing meets', core('planning/board.ts', 'model.meets ? [meeting] : []', '[meeting]', 'planning/board')],
  ['stations of the kind', core('model/doorModel.ts', 'kind.hasStation?.(id, card) ?? true', 'true', 'sliding/bifold')],
  ['cautions of the kind', core('model/doorModel.ts', 'kind.hasCaution?.(name, card) ?? true', 'true', 'sliding/running')],
  ['a drooping leaf stops at the middle', core('sliding/geometry/stations.ts', 'Math.max(0, 1 - 2 * f)', '1 - f', 'sliding/bifold')],
  [
    'which way a pivot leans',
    core(
      'sliding/geometry/placeLine.ts',
      "leadRise: { times: -1, of: 'leanLead' }",
      "leadRise: { times: 1, of: 'leanLead' }",
      'sliding/bifold',
    ),
  ],
  ['an overlap is shared among the joints', core('sheets/bypass/bypass.ts', 'width) / (panels - 1)', 'width)', 'sheets/bypass')],
  [
    'sheets of the kind of panel',
    field('sheets/register.ts', 'panels?.includes(door.make.panelKind) !== false', 'true', 'sheets/CallSheets'),
  ],
  [
    'what is tried again after work',
    core('planning/sidesTold.ts', '[...beside, ...denied].includes(each.id)', 'beside.includes(each.id)', 'sliding/running'),
  ],
  [
    'told once at once',
    core(
      'planning/facts.ts',
      '[...new Set([...undoneWork, ...leftLoose(belief, observed, allowed)])]',
      '[...undoneWork, ...leftLoose(belief, observed, allowed)]',
      'sliding/bifold',
    ),
  ],
  [
    'what cannot be looked at is neither asked for nor waited for',
    core(
      'inference/observed.ts',
      'finding }) => finding), ...(observed.unreachable ?? [])]);',
      'finding }) => finding)]);',
      'sliding/running',
    ),
  ],
  [
    'no look is no answer',
    field('record/observed.ts', 'const findings = said.filter(isAnswer);', 'const findings = said;', 'record/observed'),
  ],
  ['no try is no proof', field('record/observed.ts', ' && isAnswer(entry) && isComputable', ' && isComputable', 'record/observed')],
  ['where a flat lies underneath', core('sheets/ticks/findTicks.ts', 'each.firstMm.at(-1)', 'each.firstMm.at(0)', 'ticks/ticks')],
  [
    'one roller worn',
    core(
      'sliding/tables/causes.ts',
      "'closing end come down', 3, 1.1, { leadRise: -1 }",
      "'closing end come down', 3, 1.1, LOWERED",
      'sliding/tellingApart',
    ),
  ],
  ['a panel that comes out is told of', core('model/judgeGap.ts', 'letsGoFrom ?? Infinity', 'max ?? Infinity', 'sliding/whatIf')],
  ['each place of a panel has its setter', core('sliding/whatIf.ts', ' && isSetAt(each, place)', '', 'sliding/whatIf')],
  ['uneven edges of what is tried', core('planning/triedGaps.ts', 'mm > GAUGE_TELLS_MM', 'mm > 100', 'whatIf')],
  ['groups of work without a part', field('record/door.ts', '.filter(({ actions }) => actions.length > 0)', '', 'record/door')],
  [
    'a plan that only sets says no less',
    field('record/planWords.ts', ' && plans[0]?.steps.some(({ action: id }) => !setsSlab(action(id))) === true', '', 'fix/PlanTabs'),
  ],
  [
    'new wheels stand anew in what is promised',
    core('planning/outcome.ts', 'addTo(gaps, oneSd, errors.ofStanding(end))', '0', 'planning/outcome'),
  ],
  [
    'no steady hand tells how a new wheel stands',
    core('planning/uncertainty.ts', '{ ...STEADY, ofStanding }', '{ ...STEADY }', 'sliding/sliding'),
  ],
  [
    'what is put in new is gauged before the next way',
    core('planning/choose.ts', ' || first.cures.some(putsInNew)', '', 'planning/choose'),
  ],
  [
    'the cause told is still to be treated',
    core('planning/facts.ts', 'treat.some((each) => each.id === id)', 'id !== undefined', 'sliding/sliding'),
  ],
  [
    'a treated cause is told as treated',
    core('planning/facts.ts', '...(isTreated(belief, cause) && {', '...(false && {', 'sliding/sliding'),
  ],
  [
    'what was answered since the work is not asked again',
    core('inference/observed.ts', '...rounds.flatMap((round) => round.findings ?? []),', '', 'inference/nextBest'),
  ],
  [
    'a look alone does not end a step that is to be tried',
    core('planning/lookAgain.ts', 'tried || (looked.length > 0 && ', 'tried || looked.length > 0 || (', 'doors/|sliding/|hinged/lookAgain'),
  ],
  [
    'tries between two pieces of work stay apart',
    field(
      'record/observed.ts',
      'isGauged || unchecked.length > 1 || !isTried(each)',
      'isGauged || readings !== undefined || unchecked.length > 1 || !isTried(each)',
      'record/observed',
    ),
  ],
  [
    'a tapped gap is known no finer than its keys',
    field('record/observed.ts', 'Math.max(readingStep(typed), keyStepMm(door, station, mm))', 'readingStep(typed)', 'record/gaugeSteps'),
  ],
  [
    'a check goes on where it was left',
    field('pages/measure/useWalk.ts', 'stations.find((id) => !asFound.has(id)) ?? stations[0]', 'stations[0]', 'measure/useWalk'),
  ],
  [
    'an answer after work is about the work',
    field('call/NextBestCard.tsx', 'finding(id).again === true && answer !== CANNOT_LOOK.id', 'false', 'call/NextBestCard'),
  ],
  ['what cannot be had is so as found', field('call/NextBestCard.tsx', ' && answer !== CANNOT_LOOK.id', '', 'call/NextBestCard')],
  ['no gap is promised that nothing moves', field('record/planWords.ts', 'beside.every(movesNoGap)', 'beside.length < 0', 'fix/PlanTabs')],
  [
    'a call begun on the spot is on site',
    field(
      'pages/newCall/startCall.ts',
      "form.when === 'booked' ? ('open' as const)",
      "form.when !== undefined ? ('open' as const)",
      'newCall/newCall',
    ),
  ],
  ['what tells little is not named beside the best', core('inference/nextBest.ts', 'worthNaming(byGain)', 'byGain', 'inference/nextBest')],
  [
    'an answer is not lost with work told in words',
    field(
      'call/NextBestCard.tsx',
      'workRounds(record)\n    .flatMap(({ work }) => work)\n    .at(-1)',
      'standingWork(record).at(-1)',
      'call/NextBestCard',
    ),
  ],
  [
    'gaps are kept where a cut runs out',
    core('fitting/standingLeaf.ts', ', ...runsOut(fitting, own.leaf, n, edge)]', ']', 'fitting/fitLeaves'),
  ],
  ['a crooked line is planed by hand', core('fitting/cutList.ts', 'crookedBy(off) > CROOKED_FROM_MM', 'false', 'fitting/fitSlab')],
  [
    'nothing is cut off a labelled door',
    core('fitting/fitSlab.ts', 'fit.isPossible && slab.hasLabel !== true', 'fit.isPossible', 'fitting/fitSlab'),
  ],
  ['a hollow leg is no reason for a strip', core('fitting/fitSlab.ts', "isHollow && bySize !== 'live'", 'false', 'fitting/fitSlab')],
  [
    'marks on the frame are lower by the head gap',
    core('fitting/marks.ts', 'const frameTopMm = top + headGapMm;', 'const frameTopMm = top;', 'fitting/measuredAlone'),
  ],
  [
    'the hinge leg of a lining only comes in',
    core('fitting/lining.ts', 'Math.max(...stands)', 'Math.min(...stands)', 'fitting/measuredAlone'),
  ],
  ['readings that cannot all be true are told', core('fitting/opening.ts', 'differMm > mayMm', 'differMm > 1e9', 'fitting/opening')],
  [
    'a film of paint takes two thicknesses',
    core('fitting/fitPair.ts', 'const film = 2 * paintMm;', 'const film = paintMm;', 'fitting/fitPair'),
  ],
  ['tangents of a scribed edge turn with it', core('fitting/scribe.ts', 'perLean: sign * turning,', 'perLean: 0,', 'fitting/fitLeaves')],
  ['what an edge may lose is less what is off already', core('fitting/fitSlab.ts', ' - deepestOff(made, edge));', ');', 'fitting/fitSlab')],
  [
    'ends of a leaf hung on the right are measured from there',
    core('fitting/leaf.ts', "isSide(edge) || hingesOn === 'right'", 'isSide(edge)', 'fitting/fitPair'),
  ],
  [
    'a lining narrow at one end is brought to that',
    core('fitting/lining.ts', '? narrowestMm : wanted.gives', '? wanted.gives : wanted.gives', 'fitting/measuredAlone'),
  ],
  [
    'work of several lines is logged when all are ticked',
    field(
      'sheets/ticks.ts',
      'same.every((each) => tickOf(each) !== undefined)',
      'same.some((each) => tickOf(each) !== undefined)',
      'sheets/ticks',
    ),
  ],
  [
    'a list that was never kept is not done',
    field(
      'call/fittingList.ts',
      "list.state === 'kept' && list.toDo === 0",
      "list.state !== 'kept' || list.toDo === 0",
      'call/fittingList',
    ),
  ],
  ['the other leaf’s cuts are not this one’s', field('sheets/prefill.ts', " && remark === '')", ')', 'sheets/prefill')],
  [
    'pages of a template lie over each other',
    field('sheets/stripPages.ts', 'const stepMm = roomMm - OVERLAP_MM;', 'const stepMm = roomMm;', 'fit/templatePages'),
  ],
  [
    'a template goes on from what is off',
    field('sheets/fit/templatePages.ts', 'offAlready(own, cut.edge, at) + ', '', 'fit/templatePages'),
  ],
  [
    'a whole number that may be absent is one',
    contract('jsonSchema.ts', "test.name === 'integer'", "test.name === 'none'", 'fields/fields'),
  ],
  ['leaves of a bifold are no plates of a hinge', field('words/terms.ts', "'folded', ", '', 'words/terms')],
  [
    'a foot is cut above its softest wood',
    core('jamb/footPatch.ts', 'Math.max(USUAL_CUT_MM, softTopMm + SOUND_ABOVE_MM)', 'USUAL_CUT_MM', 'jamb/footPatch'),
  ],
  [
    'the sill falls outward',
    core('jamb/footPatch.ts', "measuredAt === 'outer' ? cutHeightMm", "measuredAt === 'inner' ? cutHeightMm", 'jamb/footPatch'),
  ],
  ['silicone is as thick square to the sill', core('jamb/footPatch.ts', 'footGapMm / Math.cos(pitch)', 'footGapMm', 'jamb/footPatch')],
  [
    'what is read in a break does not count',
    core('jamb/spliceStrike.ts', 'at < breakFromMm || at > breakToMm', 'at >= 0', 'jamb/spliceStrike'),
  ],
  [
    'no screw farther apart than it holds',
    core('jamb/spliceStrike.ts', 'Math.ceil((fixing.atMm - below) / APART_MM) - 1', '0', 'jamb/spliceStrike'),
  ],
  ['packers run out', core('jamb/packers.ts', 'n > (left[k] ?? 0)', 'n > 1000', 'jamb/packers')],
  ['exact comes before fewest', core('jamb/packers.ts', 'OFF_COSTS_PER_MM = 1000', 'OFF_COSTS_PER_MM = 0.1', 'jamb/packers')],
  [
    'a leg stands plumb whatever the framing does',
    core('jamb/wholeLeg.ts', 'outlineAt(rough, at) - clearMm', 'outlineAt(rough, 0) - clearMm', 'jamb/wholeLeg'),
  ],
  ['mark and measure within a sixteenth', core('jamb/strikeLayout.ts', '<= AGREE_WITHIN_MM', '<= 2 * AGREE_WITHIN_MM', 'jamb/layouts')],
  [
    'across counts as well as down',
    core('jamb/strikeLayout.ts', 'Math.max(Math.abs(offMm.down), Math.abs(offMm.across))', 'Math.abs(offMm.across)', 'jamb/layouts'),
  ],
  ['a fixing stays short of what is behind', core('jamb/fixing.ts', 'behindMm - STOPS_SHORT_MM', 'behindMm', 'jamb/layouts')],
  ['a wet slab has water from elsewhere', core('timber/season.ts', 'byAir + WATER_FROM_PERCENT', 'byAir + 40', 'timber/season')],
  [
    'a slab is planed in its dry season alone',
    core(
      'timber/season.ts',
      "{ advice: 'planeNow', holds: ({ isDry }) => isDry }",
      "{ advice: 'planeNow', holds: () => true }",
      'timber/season',
    ),
  ],
  ['sealed first, it swings less', core('timber/season.ts', "{ ...slab, finish: 'sealed' }", 'slab', 'timber/season')],
  [
    'the air of a door between is of both sides',
    core('timber/yearOfMoisture.ts', 'between: (room + outside) / 2', 'between: room', 'timber/'),
  ],
  ['colder takes longer', core('cure/coats.ts', '2 ** ((LABEL_CELSIUS - celsius) / DOUBLES_EACH)', '1', 'cure/')],
  ['no coat goes on at night', core('cure/curePlan.ts', 'hours + DAY - hour + fromHour', 'hours', 'cure/')],
  [
    'whoever is there does not wait for hours',
    core('cure/curePlan.ts', 'on - last.onHours > waitsHours + PUT_ON_HOURS', 'on < 0', 'cure/'),
  ],
  ['a jamb goes on by what is done about it', field('call/stages.ts', "if (job === 'jamb') {", 'if (false) {', 'call/jambStages')],
  [
    'a list that was not begun is open',
    field('call/fittingList.ts', 'list.unworkable.length + list.notBegun.length === 0', 'list.unworkable.length === 0', 'call/jambStages'),
  ],
  ['a thickness on a jamb is the leg’s', field('sheets/prefill.ts', "if (path !== 'thicknessMm') put(", 'put(', 'sheets/prefillJamb')],
  ['what was glued is on', field('sheets/prefillJamb.ts', "id === 'glued'", "id === 'cut-off'", 'sheets/prefillJamb')],
  [
    'wet stock is not painted',
    field('sheets/prefillJamb.ts', "remedy === 'patchFoot' && isWet ? UNPAINTED : coats", 'coats', 'sheets/prefillJamb'),
  ],
  ['a survey is open until it is chosen', field('sheets/jamb/decideSheet.ts', "remedy === '' ? 1 : 0", '0', 'sheets/jambLists')],
].map(([breaks, where]) => ({ breaks, ...where }));
