/** What the server answers where it did not do what was asked. */
export const PROBLEMS = {
  'problems.somethingInTheRequest': 'Something in the request is not right; nothing was stored.',
  'problems.noSuchBatch': 'There is no such batch.',
  'problems.noSuchBatchOrDeleted': 'There is no such batch, or it was deleted.',
  'problems.noSuchJar': 'There is no jar {{code}} here.',
  'problems.noSuchDay': 'There is no such day sheet, or it was deleted.',
  'problems.noSuchPerson': 'There is no such person on this sheet.',
  'problems.finishBeforeBegin': 'The day has to end after it begins.',
  'problems.dayChangedElsewhere':
    'Somebody changed this day sheet meanwhile: it is at version {{there}}, and your change was made on {{on}}. Nothing was changed.',
  'problems.noSuchFruit': 'There is no such fruit on the list.',
  'problems.noSuchFeed': 'This calendar address is not in use.',
  'problems.keepsBeforeItCame': 'It must keep until a day after it came.',
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
  'problems.foreign':
    'This kitchen answers only as 127.0.0.1 or localhost, and only its own pages. Open it at the address that its launcher prints.',
  'problems.foreignAtHome':
    'This kitchen does not go by that name, or another site asked. Open it at the address that its launcher prints.',
  'problems.atTheMachine': 'This is shown only on the machine that the kitchen runs on.',
  'problems.notSignedIn': 'Sign in first.',
  'problems.notAllowed.viewer': 'You can look at everything here, but a viewer changes nothing.',
  'problems.notAllowed.helper':
    'A helper cooks and fills jars. Ask a keeper of the household to do this.',
  'problems.notAllowed.keeper': 'This is for devices.',
  'problems.notAllowed.device': 'A device can only send what it reads.',
  'problems.noToken': 'The page is out of date. Reload it, and try again. Nothing was stored.',
  'problems.triedTooSoon_one': 'That was too soon. Try again in {{count}} second.',
  'problems.triedTooSoon_other': 'That was too soon. Try again in {{count}} seconds.',
  'problems.wrongPassphrase': 'That name and passphrase do not go together.',
  'problems.weakPassphrase':
    'That is guessed too soon. Take at least {{least}} characters, such as four words that do not belong together.',
  'problems.passphraseNeeded': 'Choose a passphrase.',
  'problems.nameTaken': 'Somebody here already goes by that name. Choose another.',
  'problems.alreadyKept': 'This household has a keeper already. Ask them for an invitation.',
  'problems.signUpAtTheMachine': 'Sign up on the machine that the kitchen runs on.',
  'problems.noSuchInvite': 'That invitation is not good any more. Ask for another.',
  'problems.passkeyRefused':
    'That passkey is not known here. Sign in with your name and passphrase.',
  'problems.passkeysAtHome': 'At the machine itself nobody signs in, so nobody needs a passkey.',
  'problems.passkeyNeedsName':
    'A passkey belongs to a name. Open the kitchen at its name instead of its number.',
  'problems.noSuchPasskey': 'There is no such passkey.',
  'problems.noSuchMember': 'There is no such member.',
  'problems.noSuchThing': 'There is no such thing.',
  'problems.tabletIsNoKeeper': 'A tablet stays signed in, so it cannot be a keeper.',
  'problems.tabletHasNone': 'A tablet has no passphrase. Invite it again instead.',
  'problems.notYours': 'That belongs to somebody else.',
  'problems.lastKeeper': 'A household needs a keeper. Make somebody else one first.',
  'problems.noSuchPairingCode': 'Those digits are not good any more. Take new ones.',
  'problems.noSuchDevice': 'There is no such device.',
  'problems.deviceHasNoCook': 'This device is not paired with a cook.',
  'problems.cookIsOver': 'That cook is over. Pair the device with the next one.',
  'problems.cookIsNotOver': 'That cook is still on. End it first.',
  'problems.outcomeSaidElsewhere':
    'Somebody else has said how it turned out meanwhile: version {{there}}, yours was made on {{on}}. Nothing was stored.',
  'problems.noSuchPhoto': 'There is no such photo.',
  'problems.mostPhotos': 'A batch keeps {{most}} photos. Take one out first.',
  'problems.notAPhoto':
    'That is not a photo that can be opened: send a whole JPEG, PNG or WebP of at most 50 megapixels.',
  'problems.idOfAnother': 'This id belongs to something else here.',
  'problems.ofLine': 'Line {{line}}: {{told}}',
  'problems.nothingToForget': 'This kitchen has learned nothing of the kind.',
  'problems.password':
    'The database does not take the password that this server has. Nothing was stored; start it again with ./kettle.',
} as const;
