import fc from 'fast-check';
import type { Edit } from '../src/document/edit.js';
import type { Project } from '../src/document/project.js';
import { type EditRecipe } from './edit-recipe.js';
import { change, insert, move, remove } from './item-recipes.js';
import { ofOpening } from './opening-recipes.js';
import { photos, project, sheets, shownPhotos } from './project-recipes.js';
import { ofSheet } from './sheet-recipes.js';

const anyRecipe = fc.oneof(
  insert,
  insert,
  change,
  change,
  ofOpening,
  ofOpening,
  ofSheet,
  ofSheet,
  move,
  remove,
  sheets,
  project,
  photos,
  shownPhotos,
);

/** Sequences of edits of every kind. */
export const editRecipes = fc.array(anyRecipe, { maxLength: 40 });

/** A few edits, as one person makes them while another makes others. */
export const fewEditRecipes = fc.array(anyRecipe, { minLength: 1, maxLength: 6 });

/**
 * Turns recipes into edits, one after the other; `apply` gives the project after each.
 * @param first - the number that ids of what is new begin with.
 */
export function cook(
  recipes: readonly EditRecipe[],
  start: Project,
  apply: (project: Project, edit: Edit) => Project,
  first = 0,
): Project {
  let now = start;
  for (const [step, recipe] of recipes.entries()) {
    const edit = recipe(now, first + step);
    if (edit) now = apply(now, edit);
  }
  return now;
}
