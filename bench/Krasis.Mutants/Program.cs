using Krasis.Mutants;

// Krasis.Mutants REPORT CORE: runs the mutants of Stryker's report that are in the core CORE, and writes into the
// report what became of each. Krasis.Mutants --work IDS RESULTS: what it starts itself, beside the mutated core.
return args switch
{
    ["--work", var ids, var results] => Worker.Run(ids, results),
    [var report, var core] => Overseer.Run(report, core),
    _ => Usage(),
};

static int Usage()
{
    Console.Error.WriteLine("Usage: Krasis.Mutants REPORT CORE");
    return 1;
}
