using Krasis.Core.Quantities;

namespace Krasis.MutantMaker;

/// <summary>The only test that Stryker is given: it keeps the core that Stryker has put all mutants into, and hardly
/// runs any of them, so that Stryker itself is done at once.</summary>
public class KeepTheMutants
{
    [Fact]
    public void Keep()
    {
        var core = typeof(Celsius).Assembly;
        _ = Celsius.From(4);
        if (
            Environment.GetEnvironmentVariable("KRASIS_MUTANTS") is { } path
            && Array.Exists(core.GetTypes(), type => type.Name == "MutantControl")
        )
        {
            File.Copy(core.Location, path, overwrite: true);
        }
    }
}
