/** The measures in which parts are written and batches are wanted. */
export const partMeasures = [
  { value: 'g', label: 'g' },
  { value: 'ml', label: 'ml' },
  { value: 'us-fl-oz', label: 'US fl oz' },
  { value: 'us-cup', label: 'US cups' },
  { value: 'us-tbsp', label: 'US tbsp' },
  { value: 'metric-tbsp', label: 'metric tbsp' },
]
