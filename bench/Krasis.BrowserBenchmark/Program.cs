using System.Globalization;
using Krasis.BrowserBenchmark;

// Measures in Chromium, by its Performance API: bench/browser [how many changes of a cell] [how many builds].
await ChangedCell.Measure(args.Length > 0 ? int.Parse(args[0], CultureInfo.InvariantCulture) : 100);
await LongLibrary.Measure(args.Length > 1 ? int.Parse(args[1], CultureInfo.InvariantCulture) : 2000);
