/**
 * The drawers: papers, threads, boards, cover stuffs, needles, each thing with what is known of it. Read {@link itomichi.server.drawer.Drawer}
 * first: it says of each drawer what columns it has, and forms, checks and CSV follow from that. Uses {@code document} and {@code plan}.
 */
@NullMarked
package itomichi.server.drawer;

import org.jspecify.annotations.NullMarked;
