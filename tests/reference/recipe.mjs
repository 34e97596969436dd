// Expands a recipe's JSON-LD with jsonld.js, and says which of its words schema.org does not have, or does not have there. Usage: node recipe.mjs FILE
// The table is schema.org's own, of the words that a recipe may use (Recipe is a HowTo is a CreativeWork is a Thing): written from memory, to be
// looked up again at schema.org/Recipe, /HowToStep, /NutritionInformation and /Organization.
import { readFileSync } from 'node:fs'
import jsonld from '../../src/krasis-ui/node_modules/jsonld/lib/jsonld.js'

const thing = ['name', 'description', 'image', 'url', 'identifier', 'alternateName']
const vocabulary = {
  Recipe: [...thing, 'author', 'datePublished', 'keywords', 'inLanguage', 'publisher', 'cookTime', 'cookingMethod', 'nutrition', 'recipeCategory', 'recipeCuisine', 'recipeIngredient', 'recipeInstructions', 'recipeYield', 'suitableForDiet', 'performTime', 'prepTime', 'totalTime', 'tool', 'supply', 'yield'],
  HowToStep: [...thing, 'text', 'position', 'itemListElement'],
  NutritionInformation: [...thing, 'calories', 'carbohydrateContent', 'cholesterolContent', 'fatContent', 'fiberContent', 'proteinContent', 'saturatedFatContent', 'servingSize', 'sodiumContent', 'sugarContent', 'transFatContent', 'unsaturatedFatContent'],
  Organization: [...thing],
}
// What a program that shows recipes asks of one.
const needed = ['name', 'recipeYield', 'recipeIngredient', 'recipeInstructions', 'datePublished']
const schema = 'https://schema.org/'
const documentLoader = async (url) => ({ contextUrl: null, documentUrl: url, document: { '@context': { '@vocab': schema } } })

const expanded = await jsonld.expand(JSON.parse(readFileSync(process.argv[2], 'utf8')), { documentLoader })
const wrong = []
function look(node) {
  const type = (node['@type']?.[0] ?? '').replace(schema, '')
  if (!vocabulary[type]) wrong.push(`no type ${type}`)
  for (const [key, values] of Object.entries(node)) {
    if (!key.startsWith('@') && !vocabulary[type]?.includes(key.replace(schema, ''))) wrong.push(`${type} has no ${key}`)
    if (Array.isArray(values)) values.filter((value) => value && typeof value === 'object' && !('@value' in value)).forEach(look)
  }
  if (type === 'Recipe') needed.filter((word) => !node[schema + word]?.length).forEach((word) => wrong.push(`a recipe without ${word}`))
}

expanded.forEach(look)
console.log(JSON.stringify({ recipes: expanded.length, wrong }))
