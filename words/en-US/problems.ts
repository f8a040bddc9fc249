/** What the server answers where it did not do what was asked. */
export const PROBLEMS = {
  'problems.somethingInTheRequest': 'Something in the request is not right; nothing was stored.',
  'problems.noSuchBatch': 'There is no such batch.',
  'problems.noSuchBatchOrDeleted': 'There is no such batch, or it was deleted.',
  'problems.noSuchRecipe': 'There is no such recipe.',
  'problems.noSuchRecipeOrDeleted': 'There is no such recipe, or it was deleted.',
  'problems.noSuchCook': 'There is no such cook.',
  'problems.batchSavedElsewhere':
    'This batch was saved somewhere else meanwhile: it is at version {{there}}, and the change was made on {{on}}.',
  'problems.kitchenChangedElsewhere':
    'The kitchen was changed somewhere else meanwhile: it is at version {{there}}, and this was made on {{on}}.',
  'problems.kitchenNeverWas':
    'The kitchen is at version {{there}}; there never was a version {{on}}. Nothing was changed.',
  'problems.sameChangedElsewhere':
    'Someone else changed this at the same time, so nothing was changed. Check what is there now, and save again to replace it.',
  'problems.fieldChangedElsewhere': '{{field}} was changed somewhere else meanwhile.',
  'problems.recipeKeptJustNow': 'Someone else saved a version of this recipe just now. Try again.',
  'problems.mostNames': 'A kitchen knows at most {{most}} names of its own.',
  'problems.sayWhichVersion': 'Say which version the change was made on.',
  'problems.withinADay': 'at must lie within a day of the cook, by the kitchen’s clock.',
  'problems.logIsFull':
    'The log of this cook is full: it takes {{most}} entries by hand. Nothing was taken.',
  'problems.logIsFullOfReadings':
    'The log of this cook is full: it takes {{most}} readings and entries. Nothing was taken.',
  'problems.entryIsThere': 'The log already has a different entry {{seq}} from “{{source}}”.',
  'problems.anotherEntry':
    'The log already has an entry with that source and number; nothing was taken.',
  'problems.onlyPracticeLookedInto': 'Only the pot of a practice cook can be looked into.',
  'problems.onlyPracticeFaster': 'Only a practice cook can run faster.',
  'problems.fruitAndWaterEnough': 'There must be fruit and water enough in the pot to be cooked.',
  'problems.batchOrPractice': 'Say which batch is cooked, or what is practised: one of them.',
  'problems.tooDeep': 'Nothing here is nested deeper than {{deepest}} levels.',
  'problems.nul': 'Text may not hold a NUL character.',
  'problems.halfACharacter': 'Text may not hold half a character.',
  'problems.databaseDoesNotAnswer':
    'The database does not answer. Nothing was stored; try again shortly.',
  'problems.tooLarge': 'The request is larger than {{most}}; nothing was stored.',
  'problems.notJson': 'The body is not JSON.',
  'problems.unreadable': 'The body cannot be read.',
  'problems.notCompressed': 'The body is not compressed as its header says.',
  'problems.ours': 'Something went wrong here, not with what you sent.',
  'problems.diskFull':
    'The disk that the database is on is full. Nothing was stored; what you wrote stays where you wrote it. Free some space, and save again.',
  'problems.outOfMemory': 'The database is out of memory. Nothing was stored; try again shortly.',
  'problems.tooManyConnected':
    'Too many are connected to the database. Nothing was stored; try again shortly.',
  'problems.stopping': 'The server is being stopped. Nothing was stored; try again shortly.',
  'problems.stopped': 'The database was stopped. Nothing was stored; try again shortly.',
  'problems.crashed': 'The database crashed and recovers. Nothing was stored; try again shortly.',
  'problems.starting': 'The database is starting. Nothing was stored; try again shortly.',
  'problems.readOnly': 'The database may only be read just now. Nothing was stored.',
  'problems.diskBroken':
    'The database cannot read or write its disk. Nothing was stored; look at the disk.',
  'problems.password':
    'The database does not take the password that this server has. Nothing was stored; start it again with ./kettle.',
} as const;
