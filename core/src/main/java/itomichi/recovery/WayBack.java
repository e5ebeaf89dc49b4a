package itomichi.recovery;

import itomichi.path.ThreadPath;

/**
 * How to go on from wrong holes.
 *
 * @param unpicked passes to take back, the last first; 0 where what was sewn can stay
 * @param path the whole path as it then is: what is sewn and stays, and what is still to be sewn
 * @param sewn moves of that path that are sewn
 * @param asPlanned whether it goes on as planned
 */
public record WayBack(int unpicked, ThreadPath path, int sewn, boolean asPlanned) {}
