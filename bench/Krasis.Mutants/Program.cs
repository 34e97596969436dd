using Krasis.Mutants;

// Krasis.Mutants REPORT ASSEMBLY: runs the mutants of Stryker's report that are in the ASSEMBLY of a project, and writes
// into the report what became of each. Krasis.Mutants --work PROJECT IDS RESULTS: what it starts itself, beside the
// mutated assembly.
return args switch
{
    ["--work", var project, var ids, var results] => Worker.Run(project, ids, results),
    [var report, var assembly] => Overseer.Run(report, assembly),
    _ => Usage(),
};

static int Usage()
{
    Console.Error.WriteLine("Usage: Krasis.Mutants REPORT ASSEMBLY");
    return 1;
}
