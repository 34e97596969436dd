using System.Reflection;
using Xunit;
using Xunit.Sdk;
using Xunit.v3;

namespace Krasis.Mutants;

/// <summary>A test with the arguments of one of its rows, to be run over and over in one process.</summary>
internal sealed class TestCase
{
    // What the tests of a class share, made once.
    private static readonly Dictionary<Type, object> Shared = [];

    private readonly MethodInfo method;
    private readonly object?[] arguments;

    private TestCase(MethodInfo method, object?[] arguments)
    {
        this.method = method;
        this.arguments = Fitted(method.GetParameters(), arguments);
    }

    /// <summary>Every test of an assembly, each row of a theory by itself.</summary>
    public static IReadOnlyList<TestCase> Of(Assembly tests) =>
        [
            .. from type in tests.GetTypes()
            from method in type.GetMethods(BindingFlags.Public | BindingFlags.Instance | BindingFlags.DeclaredOnly)
            where method.IsDefined(typeof(FactAttribute))
            from row in Rows(type, method)
            select new TestCase(method, row),
        ];

    /// <summary>Its name, without the row.</summary>
    public string Name => $"{method.DeclaringType!.Name}.{method.Name}";

    /// <summary>Runs it.</summary>
    /// <returns>Whether it passes.</returns>
    public bool Passes()
    {
        try
        {
            var instance = Made(method.DeclaringType!);
            (method.Invoke(instance, arguments) as Task)?.GetAwaiter().GetResult();
            (instance as IDisposable)?.Dispose();
            return true;
        }
        catch (Exception)
        {
            return false; // Whatever it is that a mutant makes of it.
        }
    }

    private static object Made(Type type)
    {
        var given = type.GetConstructors()[0].GetParameters().Select(parameter => Given(parameter.ParameterType));
        return Activator.CreateInstance(type, [.. given])!;
    }

    private static object? Given(Type type)
    {
        if (type.IsInterface)
        {
            return null; // Where a test writes what nobody reads here.
        }

        return Shared.TryGetValue(type, out var known) ? known : Shared[type] = Made(type);
    }

    private static IEnumerable<object?[]> Rows(Type type, MethodInfo method)
    {
        if (!method.IsDefined(typeof(TheoryAttribute)))
        {
            return
            [
                [],
            ];
        }

        return method
            .GetCustomAttributes()
            .OfType<IDataAttribute>()
            .SelectMany(attribute =>
            {
                if (attribute is MemberDataAttributeBase member)
                {
                    member.MemberType ??= type;
                }

                return attribute
                    .GetData(method, new DisposalTracker())
                    .AsTask()
                    .GetAwaiter()
                    .GetResult()
                    .Select(row => row.GetData());
            });
    }

    // Constants are written as 3 where 3.0 or 3m is meant; a last parameter may take them all.
    private static object?[] Fitted(ParameterInfo[] parameters, object?[] given)
    {
        if (parameters is [{ ParameterType: { IsArray: true } array }] && given is not [Array])
        {
            var all = Array.CreateInstance(array.GetElementType()!, given.Length);
            Array.Copy(given, all, given.Length);
            return [all];
        }

        return
        [
            .. parameters.Select(
                (parameter, i) => i < given.Length ? Fitted(parameter.ParameterType, given[i]) : parameter.DefaultValue
            ),
        ];
    }

    private static object? Fitted(Type type, object? given)
    {
        var target = Nullable.GetUnderlyingType(type) ?? type;
        return given is null || target.IsInstanceOfType(given) || given is not IConvertible || target.IsEnum
            ? given
            : Convert.ChangeType(given, target, null);
    }
}
