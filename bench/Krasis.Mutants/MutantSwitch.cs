using System.Reflection;

namespace Krasis.Mutants;

/// <summary>The switch that Stryker has built into the core it has put its mutants into.</summary>
internal sealed class MutantSwitch
{
    private const int None = -1;
    private readonly FieldInfo active;
    private readonly FieldInfo isCounting;
    private readonly FieldInfo covered;

    /// <summary>Finds it.</summary>
    /// <exception cref="InvalidOperationException">There are no mutants in this core.</exception>
    public MutantSwitch(Assembly core)
    {
        var control = core.GetTypes().SingleOrDefault(type => type.Name == "MutantControl")
            ?? throw new InvalidOperationException($"There are no mutants in {core.Location}.");
        active = Field("ActiveMutant");
        isCounting = Field("CaptureCoverage");
        covered = Field("_coveredMutants");
        Choose(null);

        FieldInfo Field(string name) =>
            control.GetField(name, BindingFlags.Static | BindingFlags.Public | BindingFlags.NonPublic)
            ?? throw new InvalidOperationException($"This version of Stryker has no '{name}' in its switch.");
    }

    /// <summary>Lets one mutant live, or none.</summary>
    public void Choose(int? mutant) => active.SetValue(null, mutant ?? None);

    /// <summary>The mutants whose code something runs through.</summary>
    public IReadOnlyList<int> CoveredBy(Action run)
    {
        isCounting.SetValue(null, true);
        (covered.GetValue(null) as List<int>)?.Clear();
        run();
        isCounting.SetValue(null, false);
        return [.. covered.GetValue(null) as List<int> ?? []];
    }
}
