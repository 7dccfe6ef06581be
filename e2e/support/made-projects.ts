/** Ids of the projects that the present journey has made. */
export const madeProjects = new Set<string>();
