/** The {@link HomeDoor} of this server, or null, for whoever asks Nest for it. */
export const HOME_DOOR = Symbol('home door');
