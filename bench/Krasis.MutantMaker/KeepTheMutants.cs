using System.Reflection;
using Krasis.App.Shared;
using Krasis.Core.Quantities;

namespace Krasis.MutantMaker;

/// <summary>The only test that Stryker is given: it keeps the assembly that Stryker has put all mutants into, and hardly
/// runs any of them, so that Stryker itself is done at once.</summary>
public class KeepTheMutants
{
    [Fact]
    public void Keep()
    {
        _ = Celsius.From(4);
        _ = typeof(IUseCase).Assembly;
        if (Environment.GetEnvironmentVariable("KRASIS_MUTANTS") is not { } path)
        {
            return;
        }

        var mutated = Assembly.Load(Path.GetFileNameWithoutExtension(path));
        if (Array.Exists(mutated.GetTypes(), type => type.Name == "MutantControl"))
        {
            File.Copy(mutated.Location, path, overwrite: true);
        }
    }
}
